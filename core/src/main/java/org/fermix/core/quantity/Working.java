package org.fermix.core.quantity;

import java.util.List;

/**
 * How one figure was reached: equation, inputs with their origin, and what the band is made of.
 *
 * @param uncertainty what the band covers
 * @param remarks anything the reader should know first, such as a second method's answer
 */
public record Working(
    Equation equation, List<Term> terms, Remark uncertainty, List<Remark> remarks) {
  /** Copies the lists. */
  public Working {
    terms = List.copyOf(terms);
    remarks = List.copyOf(remarks);
  }

  /** The inputs that are assumptions. */
  public List<Term> assumptions() {
    return terms.stream().filter(term -> term.given().isAssumed()).toList();
  }
}
