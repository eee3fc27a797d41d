package org.fermix.core.permission;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A conditional approval matched item by item; the document and the sheet are invented. */
class ChecklistTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
  private static final Approval APPROVAL =
      approval(
          "3",
          LocalDate.of(2024, 3, 1),
          LocalDate.of(2026, 5, 1),
          List.of(
              new Requirement.IsChemistry("lfp", "shall be LiFePO4"),
              new Requirement.Has(Property.MADE_FOR_CRANKING, "designed for engine cranking"),
              new Requirement.AtLeast(Property.MARINE_CRANKING_AMPS, 800, "MCA 800 minimum"),
              new Requirement.Has(Property.SHORT_CIRCUIT_PROTECTION, "short-circuit protected"),
              new Requirement.AtMost(Property.LOWEST_DISCHARGE_C, -20, "to −20 °C")));

  private static Approval approval(
      String revision, LocalDate dated, LocalDate verifiedOn, List<Requirement> requirements) {
    return new Approval(
        "Bulletin 7",
        "four-stroke family X",
        "from 1000",
        "",
        revision,
        java.util.Optional.of(dated),
        java.util.Optional.of(verifiedOn),
        Approval.Issuer.ENGINE_MAKER,
        Approval.Scope.NOT_LEAD,
        true,
        requirements);
  }

  private static Checklist.Answer of(int item, String words, String value) {
    DataSheet sheet = new DataSheet(List.of(new DataSheet.Line(words, value)));
    return Checklist.of(APPROVAL, sheet, TODAY).items().get(item).answer();
  }

  @ParameterizedTest
  @CsvSource({
    "0, Cell chemistry, Lithium iron phosphate, MEETS",
    "0, type, LiFePO4, MEETS",
    "0, battery type, lithium-ion, UNCLEAR",
    "0, technology, NMC, FAILS",
    "0, colour, green, NOT_STATED",
    "1, Engine starting, yes, MEETS",
    "1, cranking, not included, FAILS",
    "1, cranking, up to 3 l, UNCLEAR",
    "2, Marine cranking amps, 950 A, MEETS",
    "2, MCA, 799, FAILS",
    "2, CCA, 950, NOT_STATED",
    "2, MCA, 700-900, UNCLEAR",
    "3, SCP, Built-in, MEETS",
    "3, Short circuit protection, optional, FAILS",
    "4, Minimum operating temperature, −30 °C, MEETS",
    "4, minimum operating temperature, -10, FAILS"
  })
  void oneLine(int item, String words, String value, Checklist.Answer expected) {
    assertThat(of(item, words, value)).isEqualTo(expected);
  }

  @Test
  void theWholeListHoldsBackUntilNothingIsOpen() {
    List<DataSheet.Line> lines =
        List.of(
            new DataSheet.Line("Chemistry", "LiFePO4"),
            new DataSheet.Line("Starter use", "yes"),
            new DataSheet.Line("MCA", "1,000.5"),
            new DataSheet.Line("Short-circuit protection", "yes"),
            new DataSheet.Line("Lowest operating temperature", "-20"),
            new DataSheet.Line("Warranty", "5 years"));
    DataSheet sheet = new DataSheet(lines);
    assertThat(Checklist.of(APPROVAL, sheet, TODAY).overall()).isEqualTo(Checklist.Answer.UNCLEAR);
    List<DataSheet.Line> mended = new java.util.ArrayList<>(lines);
    mended.set(2, new DataSheet.Line("MCA", "1000 A"));
    Checklist met = Checklist.of(APPROVAL, new DataSheet(mended), TODAY);
    assertThat(met.overall()).isEqualTo(Checklist.Answer.MEETS);
    assertThat(met.stale()).isFalse();
    assertThat(sheet.notUnderstood()).extracting(DataSheet.Line::words).containsExactly("Warranty");
    mended.remove(3);
    assertThat(Checklist.of(APPROVAL, new DataSheet(mended), TODAY).overall())
        .isEqualTo(Checklist.Answer.NOT_STATED);
    mended.add(new DataSheet.Line("type", "NMC"));
    assertThat(Checklist.of(APPROVAL, new DataSheet(mended), TODAY).overall())
        .isEqualTo(Checklist.Answer.UNCLEAR);
  }

  @Test
  void oldDocumentsAreStale() {
    assertThat(APPROVAL.isStale(LocalDate.of(2027, 6, 1))).isTrue();
    assertThatIllegalArgumentException()
        .isThrownBy(() -> approval("1", TODAY, TODAY.minusDays(1), List.of()))
        .withMessageContaining("before its date 2026-11-24");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Requirement.Has(Property.CAPACITY_AH, "x"))
        .withMessage("CAPACITY_AH is stated as a NUMBER, not as a FEATURE");
  }

  /** Every property but none twice: a wording means one thing. */
  @Test
  void wordsAreUnique() {
    List<String> all =
        java.util.Arrays.stream(Property.values())
            .flatMap(property -> property.words().stream().map(Property::plain).distinct())
            .toList();
    assertThat(all).doesNotHaveDuplicates();
    assertThat(Property.values()).allSatisfy(each -> assertThat(each.words()).isNotEmpty());
  }

  /** Items as documents word them; common practice, no source. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "MCA at least 800 A | AtLeast MARINE_CRANKING_AMPS 800",
        "Minimum 650 CCA | AtLeast COLD_CRANKING_AMPS 650",
        "≥ 50 Ah | AtLeast CAPACITY_AH 50",
        "capacity no more than 100 Ah | AtMost CAPACITY_AH 100",
        "Discharge down to −20 °C | AtMost LOWEST_DISCHARGE_C -20",
        "usable down to -4 °F | AtMost LOWEST_DISCHARGE_C -20",
        "Maximum operating temperature at least 60 °C | AtLeast HIGHEST_DISCHARGE_C 60",
        "shall be LiFePO4 | IsChemistry lfp",
        "Chemistry: lithium iron phosphate | IsChemistry lfp",
        "AGM | IsChemistry agm",
        "Short-circuit protection built in | Has SHORT_CIRCUIT_PROTECTION",
        "Low temperature charge protection | Has COLD_CHARGE_LOCK",
        "a heater below freezing | Has HEATER",
        "IP67 or better | InWords",
        "ingress protection 67 | AtLeast INGRESS_PROTECTION 67",
        "no desulfating charger | InWords",
        "fitted by a dealer | InWords",
        "CCA | InWords",
        "LiFePO4 or AGM | InWords"
      })
  void anItemIsReadAsFarAsItIsUnderstood(String line, String expected) {
    Requirement read = Requirement.read(line);
    String found =
        read.getClass().getSimpleName()
            + (read instanceof Requirement.AtLeast a
                ? " " + a.property() + " " + Math.round(a.limit())
                : read instanceof Requirement.AtMost b
                    ? " " + b.property() + " " + Math.round(b.limit())
                    : read instanceof Requirement.IsChemistry c
                        ? " " + c.chemistryId()
                        : read instanceof Requirement.Has d ? " " + d.property() : "");
    assertThat(found).isEqualTo(expected);
    assertThat(read.words()).isEqualTo(line);
  }

  /**
   * A sheet gives temperatures as a range, in either scale; a current in milliampere-hours is none.
   */
  @ParameterizedTest
  @CsvSource({
    "operating temperature, -20 to 60 °C, LOWEST_DISCHARGE_C, -20",
    "operating temperature, -20 to 60 °C, HIGHEST_DISCHARGE_C, 60",
    "Charging temperature, 0…45 °C, LOWEST_CHARGE_C, 0",
    "discharge temperature, -4 to 140 °F, HIGHEST_DISCHARGE_C, 60",
    "operating temperature, up to 60, HIGHEST_DISCHARGE_C,",
    "capacity, 20000 mAh, CAPACITY_AH,",
    "capacity, 20 Ah, CAPACITY_AH, 20",
    "CCA, 700 A (EN), COLD_CRANKING_AMPS,",
    "MCA, 950A, MARINE_CRANKING_AMPS, 950",
    "IP rating, IP67, INGRESS_PROTECTION, 67"
  })
  void aNumberIsTakenOnlyWhereItIsPlain(
      String words, String value, Property property, Double expected) {
    DataSheet sheet = new DataSheet(List.of(new DataSheet.Line(words, value)));
    assertThat(sheet.number(property).orElse(null)).isEqualTo(expected);
  }

  @Test
  void anAnswerCountsBeforeWhatIsPrinted() {
    DataSheet sheet =
        new DataSheet(
            List.of(
                new DataSheet.Line("MCA", "700-900"),
                new DataSheet.Line("MCA", "850", java.util.Optional.of(TODAY.minusDays(9))),
                new DataSheet.Line("MCA", "780", java.util.Optional.of(TODAY))));
    assertThat(Checklist.of(APPROVAL, sheet, TODAY).items().get(2).answer())
        .isEqualTo(Checklist.Answer.FAILS);
  }

  @Test
  void aFigureThatIsNotBelievedSettlesNothing() {
    DataSheet sheet = new DataSheet(List.of(new DataSheet.Line("MCA", "900")));
    Checklist list = Checklist.of(APPROVAL, sheet, TODAY, property -> java.util.Optional.of(620.0));
    assertThat(list.items().get(2).answer()).isEqualTo(Checklist.Answer.UNCLEAR);
    assertThat(list.items().get(2).believed()).contains(620.0);
  }

  @Test
  void revisionsAreComparedByWhatTheyAsk() {
    Approval next =
        approval(
            "4",
            LocalDate.of(2025, 3, 1),
            LocalDate.of(2026, 5, 1),
            List.of(
                new Requirement.IsChemistry("lfp", "lithium iron phosphate only"),
                Requirement.read("MCA at least 850"),
                Requirement.read("short-circuit protection"),
                Requirement.read("discharge down to −20 °C"),
                Requirement.read("heater")));
    Approval.Revised revised = next.since(APPROVAL);
    assertThat(revised.added()).extracting(Requirement::words).containsExactly("heater");
    assertThat(revised.changed())
        .extracting(Requirement::words)
        .containsExactly("MCA at least 850");
    assertThat(revised.dropped())
        .extracting(Requirement::words)
        .containsExactly("designed for engine cranking");
  }

  /** What a label says of its chemistry must be understood by whoever matches it. */
  @Test
  void everyChemistryIsKnownByItsShortName() {
    assertThat(org.fermix.core.chemistry.Chemistry.all())
        .allSatisfy(
            each -> assertThat(Property.chemistryMeantBy(each.shortName())).contains(each.id()));
  }
}
