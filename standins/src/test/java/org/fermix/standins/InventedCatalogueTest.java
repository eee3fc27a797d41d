package org.fermix.standins;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.LabelAudit;
import org.fermix.standins.InventedCatalogue.Flaw;
import org.fermix.standins.InventedCatalogue.Item;
import org.junit.jupiter.api.Test;

class InventedCatalogueTest {
  private static final List<Item> SHIPPED = InventedCatalogue.shipped();

  @Test
  void itIsLargeTheSameEachTimeAndHasEveryKindAndVoltage() {
    assertThat(SHIPPED).hasSizeGreaterThanOrEqualTo(600);
    assertThat(InventedCatalogue.shipped()).isEqualTo(SHIPPED);
    assertThat(SHIPPED.stream().map(item -> item.label().chemistry()).collect(Collectors.toSet()))
        .containsAll(Chemistry.all());
    assertThat(
            SHIPPED.stream()
                .map(item -> item.label().build().nominalVolts())
                .collect(Collectors.toSet()))
        .containsExactlyInAnyOrder(6, 12, 24);
    assertThat(SHIPPED.stream().map(Item::flaw).collect(Collectors.toSet()))
        .containsAll(Arrays.asList(Flaw.values()));
    assertThat(SHIPPED.stream().map(item -> item.label().name()).distinct().count())
        .isEqualTo(SHIPPED.size());
    assertThat(SHIPPED).allMatch(item -> item.label().name().contains(" Demo "));
  }

  /**
   * The honest ones are drawn from the audit's own bands, so that they pass it proves little but
   * that the two agree; that the flattering ones are found is worth more.
   */
  @Test
  void theAuditAccusesFewHonestLabelsAndFindsTheOthers() {
    assertThat(accused(Flaw.NONE)).isLessThan(0.08);
    assertThat(accused(Flaw.HUNDRED_HOURS)).isGreaterThan(0.95);
    assertThat(accused(Flaw.LEAD_EQUIVALENT)).isGreaterThan(0.95);
    assertThat(accused(Flaw.CRANKING)).isGreaterThan(0.6);
  }

  private static double accused(Flaw flaw) {
    List<Item> such = SHIPPED.stream().filter(item -> item.flaw() == flaw).toList();
    return such.stream().filter(InventedCatalogueTest::isAccused).count() / (double) such.size();
  }

  private static boolean isAccused(Item item) {
    return LabelAudit.of(item.label()).findings().stream()
            .anyMatch(flaw -> flaw.code() != LabelAudit.Code.CRANKING_ON_DEEP_CYCLE)
        || (item.label().chemistry().isLead() && !CredibleRating.of(item.label()).asPrinted());
  }
}
