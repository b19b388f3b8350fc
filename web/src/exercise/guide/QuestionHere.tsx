import { useQueryClient } from '@tanstack/react-query';
import type { GuideAnswer } from '@gleddo/contract';
import { Refusal } from '../../platform/shell/Refusal';
import { QuestionField } from './QuestionField';
import { useGuide, useGuideChanges } from './use-guide';

interface QuestionHereProps {
  readonly id: string;
  /** What is asked anew once it is answered. */
  readonly described: readonly string[];
}

/** One question of the open book, answered where it is spoken of. */
export function QuestionHere({ id, described }: QuestionHereProps) {
  const guide = useGuide();
  return guide.data ? (
    <Here answer={guide.data} id={id} described={described} />
  ) : (
    <Refusal of={guide} />
  );
}

function Here({ answer, id, described }: QuestionHereProps & { readonly answer: GuideAnswer }) {
  const { put } = useGuideChanges();
  const queries = useQueryClient();
  const question = answer.guide.steps
    .flatMap(({ questions }) => questions)
    .find((each) => each.id === id);
  if (!question) return null;
  return (
    <>
      <QuestionField
        question={question}
        disabled={!answer.mayAnswer}
        onAnswer={(given) =>
          put.mutate(
            { question: id, answer: given },
            { onSuccess: () => queries.invalidateQueries({ queryKey: [...described] }) },
          )
        }
      />
      <Refusal of={put} />
    </>
  );
}
