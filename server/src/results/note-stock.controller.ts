import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { NewStockNoteRequest, type Me, type StockNote } from '@gleddo/contract';
import { Only, SignedIn } from '../http/signed-in.js';
import { NoteStockService } from './note-stock.service.js';

@Only('instructor')
@Controller('api/note-stock')
export class NoteStockController {
  constructor(private readonly stock: NoteStockService) {}

  @Get()
  list(@SignedIn() me: Me): Promise<StockNote[]> {
    return this.stock.list(me);
  }

  @Post()
  @HttpCode(200)
  add(@Body() note: NewStockNoteRequest, @SignedIn() me: Me): Promise<StockNote[]> {
    return this.stock.add(me, note);
  }

  @Delete(':id')
  remove(@Param('id') id: string, @SignedIn() me: Me): Promise<StockNote[]> {
    return this.stock.remove(me, id);
  }
}
