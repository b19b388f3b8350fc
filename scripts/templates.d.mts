interface Templates {
  readonly database: string;
  readonly demo: string;
}
export function templates(): Promise<Templates>;
export function fromTemplate(made: Templates, folder: string, isDemo: boolean): void;
