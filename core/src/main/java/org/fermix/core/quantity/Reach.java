package org.fermix.core.quantity;

/** How a figure's value is to be read. */
public enum Reach {
  /** The value itself. */
  AT,
  /** The model stops there: the true value is this or higher. */
  AT_LEAST,
  /** The model stops there: the true value is this or lower. */
  AT_MOST,
  /** There is no such value: it never happens in the range the model covers. */
  NEVER
}
