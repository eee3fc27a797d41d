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
      new Approval(
          "four-stroke family X",
          "from 1000",
          "",
          "3",
          LocalDate.of(2024, 3, 1),
          LocalDate.of(2026, 5, 1),
          List.of(
              new Requirement.IsChemistry("lfp", "shall be LiFePO4"),
              new Requirement.Has(Property.MADE_FOR_CRANKING, "designed for engine cranking"),
              new Requirement.AtLeast(Property.MARINE_CRANKING_AMPS, 800, "MCA 800 minimum"),
              new Requirement.Has(Property.SHORT_CIRCUIT_PROTECTION, "short-circuit protected"),
              new Requirement.AtMost(Property.LOWEST_DISCHARGE_C, -20, "to −20 °C")));

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
        .isThrownBy(() -> new Approval("x", "", "", "", TODAY, TODAY.minusDays(1), List.of()))
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
}
