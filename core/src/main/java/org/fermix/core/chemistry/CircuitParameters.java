package org.fermix.core.chemistry;

/**
 * The equivalent circuit of a 12 V battery; docs/model.md, section 1.
 *
 * @param cells in series
 * @param restVoltsPerKelvin slope of rested voltage over temperature (V/K)
 * @param constantShare share of ohmic resistance that does not change with temperature (1)
 * @param resistanceEnergyJPerMol activation energy of the rest (J/mol)
 * @param transferEnergyJPerMol activation energy of charge transfer (J/mol)
 * @param transferOffsetVolts sizes the charge-transfer voltage (V)
 * @param emptyRise resistance rise toward empty: 1 − b + b/x (1)
 * @param surfaceShare share of capacity that is at hand at once (1)
 * @param exchangePerHour how fast the rest follows (1/h)
 * @param exchangeEnergyJPerMol activation energy of that (J/mol)
 * @param coldLossPerKelvin share of charge unusable per kelvin below 25 °C (1/K)
 * @param coldLossWhileCranking share of that which counts in the seconds of a start (1): diffusion
 *     limits hours, not seconds
 * @param heatCapacityJPerKgK (J/(kg·K))
 * @param wearGrowth resistance grows by this times lost health (1)
 * @param lowestTrustedCharge below this charge the circuit is not trusted (1)
 * @param lowRateColdLoss share of a slow discharge lost per kelvin below 25 °C, beyond what the
 *     wells explain (1/K)
 * @param doubleLayerFarads per ampere-hour: how the charge-transfer voltage builds up (F/Ah)
 * @param densityKgPerM3 of the whole battery (kg/m³)
 */
public record CircuitParameters(
    int cells,
    double restVoltsPerKelvin,
    double constantShare,
    double resistanceEnergyJPerMol,
    double transferEnergyJPerMol,
    double transferOffsetVolts,
    double emptyRise,
    double surfaceShare,
    double exchangePerHour,
    double exchangeEnergyJPerMol,
    double coldLossPerKelvin,
    double coldLossWhileCranking,
    double heatCapacityJPerKgK,
    double wearGrowth,
    double lowestTrustedCharge,
    double lowRateColdLoss,
    double doubleLayerFarads,
    double densityKgPerM3) {}
