package org.fermix.web.lineup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Build;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.RatedCharge;
import org.fermix.core.label.Sheet;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.standins.InventedCatalogue;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.formats.PastedCells;
import org.fermix.web.formats.TableText;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

/** What is taken along comes back as it was. */
class LabelTableTest {
  private static final Label FULL =
      new Label(
          "=Pack; \"one\", ä",
          Chemistry.of("lfp"),
          CrankingRating.cca(640.5),
          Optional.of(Given.label(40, Unit.AMPERE_HOUR)),
          Optional.of(Given.label(94, Unit.MINUTE)),
          Optional.of(Given.label(6.2, Unit.KILOGRAM)),
          new CaseSize(242, 175.5, 175),
          TerminalSide.LEFT,
          Given.typed(419.99, Unit.MONEY),
          new Build(12, Optional.of(Terminal.STUD)),
          new Sheet(
                  10,
                  List.of(new RatedCharge(25, 1.5)),
                  new ProtectionClaim(
                      Optional.of(Given.label(100, Unit.AMPERE)),
                      Optional.of(Given.label(900, Unit.AMPERE)),
                      Optional.of(Given.label(1200, Unit.AMPERE)),
                      Optional.of(Given.label(9.5, Unit.VOLT)),
                      Optional.of(Given.label(25, Unit.PER_CENT)),
                      Optional.of(true)),
                  true,
                  true)
              .rated(List.of(new CrankingRating(800, CrankingTest.MARINE_CRANKING)))
              .stating(
                  new DataSheet(
                      List.of(
                          new DataSheet.Line("Operating temperature", "-20 to 60"),
                          new DataSheet.Line("Short-circuit protection", "yes")))));

  private static List<Label> back(String text) {
    PastedTable table =
        PastedTable.of(
            TableText.read(text, PastedCells.Most.FILE), Map.of(), Map.of(), Display.USUAL);
    assertThat(table.rows()).allSatisfy(row -> assertThat(row.wrong()).isEmpty());
    return table.rows().stream()
        .map(row -> PastedTable.label(row, new StoredLabel(new UUID(0, 0), false), Instant.EPOCH))
        .toList();
  }

  @Test
  void everyFactOfALabel() {
    for (String text : List.of(LabelTable.csv(List.of(FULL)), LabelTable.json(List.of(FULL)))) {
      Label label = back(text).get(0);
      assertThat(label.name()).isEqualTo(FULL.name());
      assertThat(label.cranking()).isEqualTo(FULL.cranking());
      assertThat(label.size()).isEqualTo(FULL.size());
      assertThat(label.build()).isEqualTo(FULL.build());
      assertThat(label.price().value()).isEqualTo(419.99);
      assertThat(label.sheet()).usingRecursiveComparison().isEqualTo(FULL.sheet());
    }
    assertThat(LabelTable.csv(List.of(FULL))).contains("'=Pack");
  }

  @Test
  void aWholeCatalogue() {
    List<Label> labels =
        InventedCatalogue.shipped().stream().map(InventedCatalogue.Item::label).toList();
    List<Label> again = back(LabelTable.csv(labels));
    assertThat(again).hasSameSizeAs(labels);
    for (int i = 0; i < labels.size(); i++) {
      assertThat(again.get(i).cranking()).isEqualTo(labels.get(i).cranking());
      assertThat(again.get(i).capacity().value()).isEqualTo(labels.get(i).capacity().value());
    }
  }
}
