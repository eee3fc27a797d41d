package org.fermix.core.bench;

import org.fermix.core.quantity.Equation;

/** The formulas behind the outcomes, as shown in a working; docs/model.md derives them. */
final class Equations {
  static final Equation CIRCUIT =
      new Equation(
          "circuit",
          "V = s·(OCV(h₁) + k·(T − 25)) − I·R₂₅·F(T)·ρ(x) − s·N·(2RT/F)·asinh(I / 2i₀)",
          "Two-well charge model: Manwell and McGowan (1993). Charge transfer: Butler–Volmer."
              + " R₂₅ is solved so that the battery passes its own rating test.",
          "−40 to 60 °C; lead above 15 % charge, lithium above 5 %");
  static final Equation CRANKING =
      new Equation(
          "cranking",
          "0.85·kE·(I − I₀) = drag(n, T), with n = (V − I·(R leads + R winding) − 1.4 V) / kE",
          "Permanent-magnet starter in balance with engine drag; drag by class of engine,"
              + " oil by Walther's equation (ASTM D341). Engineering estimates, not measured here.",
          "−30 to 40 °C; colder answers are extrapolated");
  static final Equation START =
      new Equation(
          "start",
          "chance = Φ(min( ln(n / n needed) / 0.30, (V − V floor) / 0.4 V ))",
          "Normal law of the margin; the spread comes from uncertain drag, starter, leads,"
              + " rating and speed needed (engineering estimate).",
          "fuel, spark and compression in order");
  static final Equation PARKED =
      new Equation(
          "parked",
          "days = (1/k)·ln( (z₀ + p/k) / (z₁ + p/k) ),  p = 24·I / C",
          "First-order self-discharge k, doubling every 10 K (13 K lithium), plus a steady drain;"
              + " closed form. Rates: common practice.",
          "one mean temperature while parked");
  static final Equation ENGINE_OFF =
      new Equation(
          "engine-off",
          "z = z₀ − I·t/Q;  h₁ = z − (1 − c)·d(t) ≥ charge kept",
          "Two-well charge model: the surface lags behind the depth under load.",
          "steady load up to about one hour's rate");
  static final Equation CHARGE =
      new Equation(
          "charge-reached",
          "regulated voltage against the chemistry's charging window",
          "Charging windows: common practice. The battery maker's own sheet comes first.",
          "at 25 °C");
  static final Equation LABEL = new Equation("label", "as printed", "the battery's label", "");
  static final Equation LIFE =
      new Equation(
          "life",
          "1/L = 1/L(T) + Σ nᵢ/N(Dᵢ);  L(T) = L₂₅·2^((25 − T)/d);  N(D) = N₁·D^−p",
          "Arrhenius' rule of thumb for heat, Miner's sum for cycles; figures: common practice"
              + " and estimate.",
          "rough: charged properly, not left empty");
  static final Equation COST =
      new Equation(
          "cost",
          "cost per year = price / min(life, years kept)",
          "arithmetic, undiscounted; what outlives the keeping is not credited",
          "");

  private Equations() {}
}
