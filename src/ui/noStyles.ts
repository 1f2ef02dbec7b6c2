/*
 * Stand in for the parts of Mantine that write its variables and classes into each page (`astro.config.ts`). Ours come
 * with the style sheets (`theme.css`), and so what makes them need not be fetched.
 */

export const MantineCssVariables = () => null
export const MantineClasses = () => null
