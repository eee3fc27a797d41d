package org.fermix.core.diagnosis;

/**
 * How a reading came out.
 *
 * @param outcome one of those in {@code likelihoods.csv} for the kind
 */
public record Evidence(ReadingKind kind, String outcome) {}
