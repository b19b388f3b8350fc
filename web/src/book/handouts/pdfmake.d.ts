declare module 'pdfmake/build/pdfmake' {
  const pdfMake: {
    addFontContainer(fonts: object): void;
    createPdf(definition: object): { getBuffer(): Promise<Uint8Array> };
  };
  export default pdfMake;
}

declare module 'pdfmake/build/fonts/Roboto' {
  const fonts: object;
  export default fonts;
}
