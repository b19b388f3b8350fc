/** How a long list that one chooses from is searched: by what it shows. Lists that grow with the house all are. */
export const BY_LABEL = { optionFilterProp: 'label' } as const;
