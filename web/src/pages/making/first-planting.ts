import type { Planting } from '@gleddo/core';

/** The faults that are planted where nobody says otherwise. */
export const FIRST_PLANTING: Planting = {
  faults: { 'wrong-statement': 1, 'wrong-section': 1, 'number-outside-band': 1 },
  seed: 1,
};
