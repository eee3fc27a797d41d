package org.fermix.web.lineup;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Build;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.jspecify.annotations.Nullable;

/** A battery in a line-up, as its label was copied; what is null is not on the label. */
@Entity
@Table(name = "battery")
class Battery {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID jobId = new UUID(0, 0);
  @Version private long version;
  private String letter = Candidate.TODAY;
  private boolean demo;
  private @Nullable Instant removedAt;

  String name = "";
  String chemistry = "flooded";

  @Column(name = "cranking_a")
  double crankingA;

  String crankingTest = "cca";

  @Column(name = "capacity_ah")
  @Nullable Double capacityAh;

  @Column(name = "reserve_min")
  @Nullable Double reserveMin;

  @Column(name = "mass_kg")
  @Nullable Double massKg;

  @Column(name = "length_mm")
  double lengthMm;

  @Column(name = "width_mm")
  double widthMm;

  @Column(name = "height_mm")
  double heightMm;

  @Enumerated(EnumType.STRING)
  TerminalSide positiveSide = TerminalSide.RIGHT;

  @Column(name = "nominal_v")
  @Nullable Integer nominalVolts;

  @Nullable Double capacityHours;
  @Nullable String discharges;

  @Column(name = "continuous_a")
  @Nullable Double continuousA;

  @Column(name = "cranking_limit_a")
  @Nullable Double crankingLimitA;

  @Column(name = "short_limit_a")
  @Nullable Double shortLimitA;

  @Column(name = "opens_below_v")
  @Nullable Double opensBelowV;

  @Nullable Double reservePercent;
  @Nullable Boolean heated;
  @Nullable Boolean coldTestStated;
  @Nullable BigDecimal price;

  @Column(name = "age_years")
  double ageYears;

  protected Battery() {}

  Battery(UUID garageId, UUID jobId, String letter, boolean demo) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.jobId = jobId;
    this.letter = letter;
    this.demo = demo;
  }

  UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  UUID jobId() {
    return jobId;
  }

  long version() {
    return version;
  }

  String letter() {
    return letter;
  }

  boolean isDemo() {
    return demo;
  }

  boolean isRemoved() {
    return removedAt != null;
  }

  void remove(Instant when) {
    removedAt = when;
  }

  void restore(String newLetter) {
    removedAt = null;
    letter = newLetter;
  }

  /** The core's candidate. */
  Candidate candidate() {
    return new Candidate(
        letter,
        new Label(
            name,
            Chemistry.of(chemistry),
            new CrankingRating(crankingA, CrankingTest.find(crankingTest).orElseThrow()),
            Optional.ofNullable(capacityAh).map(ah -> Given.label(ah, Unit.AMPERE_HOUR)),
            Optional.ofNullable(reserveMin).map(minutes -> Given.label(minutes, Unit.MINUTE)),
            Optional.ofNullable(massKg).map(kg -> Given.label(kg, Unit.KILOGRAM)),
            new CaseSize(lengthMm, widthMm, heightMm),
            positiveSide,
            price == null
                ? Given.assumed(0, Unit.MONEY, "no price typed")
                : Given.typed(price.doubleValue(), Unit.MONEY),
            nominalVolts == null ? Build.TWELVE_VOLT : new Build(nominalVolts, Optional.empty()),
            sheet()),
        ageYears);
  }

  private Sheet sheet() {
    return new Sheet(
        capacityHours == null ? Label.CAPACITY_HOURS : capacityHours,
        discharges == null ? List.of() : DischargeText.read(discharges).points(),
        new ProtectionClaim(
            given(continuousA, Unit.AMPERE),
            given(crankingLimitA, Unit.AMPERE),
            given(shortLimitA, Unit.AMPERE),
            given(opensBelowV, Unit.VOLT),
            given(reservePercent, Unit.PER_CENT)),
        Boolean.TRUE.equals(heated),
        Boolean.TRUE.equals(coldTestStated));
  }

  private static Optional<Given> given(@Nullable Double said, Unit unit) {
    return Optional.ofNullable(said).map(value -> Given.label(value, unit));
  }
}
