package org.fermix.core.bench;

import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Candidate;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Need;
import org.fermix.core.storage.Parking;

/**
 * One candidate in one set of conditions: what its outcomes and its curves share, worked out once.
 *
 * @param health share of capacity left (1)
 * @param ageYears in service (y)
 * @param circuit worn to that health
 * @param chargeReached on the machine (1)
 * @param chargeAtStart after the days parked (1)
 */
record InConditions(
    Need need,
    Policy policy,
    Candidate candidate,
    Conditions conditions,
    double health,
    double ageYears,
    BatteryCircuit circuit,
    Cranking cranking,
    Parking parking,
    double chargeReached,
    double chargeAtStart,
    LifeEstimate life) {}
