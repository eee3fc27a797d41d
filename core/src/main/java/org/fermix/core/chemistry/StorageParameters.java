package org.fermix.core.chemistry;

/**
 * How a battery loses charge by itself.
 *
 * @param lossPerMonth share of charge lost in 30.4 days at 25 °C (1)
 * @param doublingK temperature rise that doubles the loss (K)
 * @param ownDrawMilliamps steady draw of its own protection (mA)
 */
public record StorageParameters(double lossPerMonth, double doublingK, double ownDrawMilliamps) {}
