import { HttpStatus, Injectable, type ArgumentMetadata, type PipeTransform } from '@nestjs/common';
import { validate, type ValidationError } from 'class-validator';
import { NOTHING_HERE } from './not-found.js';
import { Refused, type Fault } from './problem.js';

const PLAIN: readonly unknown[] = [String, Number, Boolean, Array, Object, Buffer];

/** What each id in a path looks like: anything else is nothing that was given out. */
const ID = /^[\w-]{1,60}$/;

/**
 * Judges what a request brings: ids in its path, the plain fields of its body. What is inside a book is not looked
 * into here: that is judged by the core, once.
 */
@Injectable()
export class RequestPipe implements PipeTransform {
  async transform(value: unknown, { type, metatype }: ArgumentMetadata): Promise<unknown> {
    if (type === 'param') return id(value);
    if (type !== 'body' || !metatype || PLAIN.includes(metatype)) return value;
    const strange = Object.keys(value ?? {}).filter((name) => name in Object.prototype);
    if (strange.length > 0) throw new Refused(strange.map(unknown), HttpStatus.BAD_REQUEST);
    const request = filled(metatype as new () => object, value);
    const errors = await validate(request, {
      whitelist: true,
      forbidNonWhitelisted: true,
      stopAtFirstError: true,
    });
    if (errors.length > 0) throw new Refused(errors.flatMap(faultsOf), HttpStatus.BAD_REQUEST);
    return request;
  }
}

function id(value: unknown): unknown {
  if (typeof value === 'string' && ID.test(value)) return value;
  throw new Refused([{ at: '', code: 'not-found', says: NOTHING_HERE }], HttpStatus.NOT_FOUND);
}

/** A request of its class with the fields that were sent, each as it came. */
function filled<T extends object>(Request: new () => T, value: unknown): T {
  const request = new Request();
  for (const [name, field] of Object.entries(value ?? {}))
    Object.defineProperty(request, name, {
      value: field,
      enumerable: true,
      writable: true,
      configurable: true,
    });
  return request;
}

const unknown = (name: string): Fault => ({
  at: name,
  code: 'request',
  says: `“${name}” is not known here. Leave it out.`,
});

const UNKNOWN = 'whitelistValidation';

function faultsOf({ property, constraints = {} }: ValidationError): Fault[] {
  const at = property.slice(0, 80);
  return Object.entries(constraints).map(([code, says]) => ({
    at,
    code: 'request',
    says: code === UNKNOWN ? unknown(at).says : sentence(says),
  }));
}

/** A message of the validator's own, as a sentence. */
const sentence = (says: string): string => {
  const whole = /[.!?]$/.test(says) ? says : `${says}.`;
  return whole.charAt(0).toUpperCase() + whole.slice(1);
};
