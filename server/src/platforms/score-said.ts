/* How the standard has marks told (assignments and grades, 2.0). */
export const SCORE = 'https://purl.imsglobal.org/spec/lti-ags/scope/score';
export const LINE_ITEM = 'https://purl.imsglobal.org/spec/lti-ags/scope/lineitem';
export const SCORE_TYPE = 'application/vnd.ims.lis.v1.score+json';
export const LINE_ITEM_TYPE = 'application/vnd.ims.lis.v2.lineitem+json';

/** The address of the marks of a place: below its own, before what is asked of it. */
export function scoresAt(lineItem: string): string {
  const url = new URL(lineItem);
  url.pathname = `${url.pathname.replace(/\/$/, '')}/scores`;
  return url.href;
}

/** A mark as a platform takes it; none any more: the work is being marked. */
export const markSaid = (
  subject: string,
  mark: { readonly points: number; readonly of: number } | null,
  at: Date,
): object => ({
  ...{ userId: subject, timestamp: at.toISOString() },
  ...(mark
    ? {
        ...{ scoreGiven: mark.points, scoreMaximum: mark.of },
        ...{ activityProgress: 'Completed', gradingProgress: 'FullyGraded' },
      }
    : { activityProgress: 'Submitted', gradingProgress: 'PendingManual' }),
});
