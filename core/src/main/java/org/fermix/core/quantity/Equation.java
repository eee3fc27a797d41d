package org.fermix.core.quantity;

/**
 * A formula by name.
 *
 * @param id stable identifier, as used in docs/model.md
 * @param formula the formula as it is written by hand
 * @param source where it comes from
 * @param validity the range it is trusted in
 */
public record Equation(String id, String formula, String source, String validity) {}
