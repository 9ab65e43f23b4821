import { ln } from "./same-math";

const MIDDLE = [
  3.3871328727963665, 133.14166789178438, 1971.5909503065513, 13731.69376550946, 45921.95393154987,
  67265.7709270087, 33430.57558358813, 2509.0809287301227,
];
const MIDDLE_UNDER = [
  1, 42.31333070160091, 687.1870074920579, 5394.196021424751, 21213.794301586597, 39307.89580009271,
  28729.085735721943, 5226.495278852854,
];
const OUTER = [
  1.4234371107496835, 4.630337846156546, 5.769497221460691, 3.6478483247632045, 1.2704582524523684,
  0.2417807251774506, 0.022723844989269184, 0.0007745450142783414,
];
const OUTER_UNDER = [
  1, 2.053191626637759, 1.6763848301838038, 0.6897673349851, 0.14810397642748008,
  0.015198666563616457, 0.0005475938084995345, 1.0507500716444169e-9,
];
const TAIL = [
  6.657904643501103, 5.463784911164114, 1.7848265399172913, 0.29656057182850487,
  0.026532189526576124, 0.0012426609473880784, 2.7115555687434876e-5, 2.0103343992922881e-7,
];
const TAIL_UNDER = [
  1, 0.599832206555888, 0.1369298809227358, 0.014875361290850615, 0.0007868691311456133,
  1.8463183175100548e-5, 1.421511758316446e-7, 2.0442631033899397e-15,
];

const polynomial = (of: readonly number[], x: number): number =>
  of.reduceRight((sum, coefficient) => sum * x + coefficient, 0);

/** How far out a standard normal figure lies that a share of them is below, 0–1; to 1e-15. Wichura, algorithm AS 241. */
export function normalAt(share: number): number {
  const q = share - 0.5;
  if (Math.abs(q) <= 0.425) {
    const r = 0.180625 - q * q;
    return (q * polynomial(MIDDLE, r)) / polynomial(MIDDLE_UNDER, r);
  }
  const r = Math.sqrt(-ln(Math.max(1e-300, q < 0 ? share : 1 - share)));
  const far =
    r <= 5
      ? polynomial(OUTER, r - 1.6) / polynomial(OUTER_UNDER, r - 1.6)
      : polynomial(TAIL, r - 5) / polynomial(TAIL_UNDER, r - 5);
  return q < 0 ? -far : far;
}
