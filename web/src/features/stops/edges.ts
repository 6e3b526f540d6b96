/** How far one press of a key moves an edge, s. */
export const EDGE_STEP_S = 0.01;
