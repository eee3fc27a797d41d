package org.fermix.web.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.label.Label;
import org.fermix.core.label.LabelAudit;
import org.fermix.core.quantity.Table;
import org.fermix.web.battery.LabelFacts;
import org.fermix.web.battery.Offer;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.junit.jupiter.api.Test;

/** What a label becomes on its card, from what was typed. */
class LabelCardTest {
  private static Map<String, String> typed(String chemistry, String amps) {
    return new HashMap<>(
        Map.of(
            "name", "Example",
            "chemistry", chemistry,
            "cranking", amps,
            "test", "cca",
            "length", "278",
            "width", "175",
            "height", "190",
            "side", "LEFT",
            "price", "99,90"));
  }

  private static LabelCard card(Map<String, String> typed) {
    Form form = Form.typed(BatteryForm.blank(false, Display.USUAL), typed);
    assertThat(form.wrong()).isEmpty();
    return LabelCard.of(
        entry(form), Optional.empty(), Optional.empty(), LocalDate.of(2026, 11, 26), Display.USUAL);
  }

  private static Entry entry(Form form) {
    StoredLabel label = new StoredLabel(UUID.randomUUID(), false);
    BatteryForm.write(form, label, Instant.EPOCH);
    Optional<Offer> offer =
        BatteryForm.price(form)
            .map(price -> new Offer(label, price, "EUR", Optional.empty(), Instant.EPOCH));
    return new Entry("A", label, offer, 0, false, 1, List.of(), List.of(), 12);
  }

  @Test
  void whatIsNotPrintedIsEstimatedAndMarked() {
    LabelCard card = card(typed("flooded", "540"));
    assertThat(card.moved())
        .extracting(LabelCard.Moved::name, LabelCard.Moved::printed, LabelCard.Moved::assumed)
        .containsExactly(
            tuple("capacity", "not printed", true),
            tuple("reserve", "not printed", true),
            tuple("mass", "not printed", true));
    assertThat(card.remarks()).contains("No reserve capacity is printed; ask for it.");
    assertThat(card.price()).isEqualTo("€99.90");
  }

  @Test
  void aFlatteringLithiumLabelIsCalledOne() {
    Map<String, String> typed = typed("lfp", "1200");
    typed.put("capacity", "20");
    assertThat(card(typed).remarks())
        .anyMatch(remark -> remark.replace('\u00a0', ' ').contains("read as about 316 A"));
  }

  @Test
  void anUnusualFigureIsAskedAbout() {
    Map<String, String> typed = typed("flooded", "700");
    typed.put("capacity", "50");
    assertThat(card(typed).remarks())
        .anyMatch(remark -> remark.startsWith("Unusual for flooded: many cranking amps"));
    typed.put("cranking", "1000");
    assertThat(card(typed).remarks())
        .anyMatch(
            remark -> remark.startsWith("More than any such battery has: many cranking amps"));
  }

  @Test
  void anHourRateIsToldAsOne() {
    Map<String, String> typed = typed("agm", "230");
    typed.put("capacity", "24");
    typed.put("capacityHours", "100");
    typed.put("mass", "7");
    assertThat(card(typed).remarks())
        .anyMatch(remark -> remark.replace('\u00a0', ' ').startsWith("24 Ah is a 100-hour figure"));
  }

  @Test
  void anotherRatingIsTranslatedToTheYardstick() {
    Map<String, String> typed = typed("agm", "800");
    typed.put("test", "mca");
    typed.put("capacity", "70");
    LabelCard.Moved rating = card(typed).moved().get(0);
    assertThat(rating.name()).isEqualTo("rating");
    assertThat(rating.becomes()).endsWith("CCA");
    // MCA over CCA of lead is 1.15 to 1.32 in trade tables (common practice, no source).
    assertThat(rating.change()).isBetween("\u221215", "\u221224\u202f%");
    assertThat(rating.drawn()).contains("moved-printed", "moved-left");
  }

  /** Several ratings are all shown, weighed together, and come back as they were typed. */
  @Test
  void severalRatingsAreShownAndWeighed() {
    Map<String, String> typed = typed("agm", "800");
    typed.put("capacity", "75");
    typed.put("ratings", "1000 MCA; 760 EN");
    assertThat(card(typed).asPrinted()).contains("CCA (SAE)", "MCA / CA", "EN");
    Form form = Form.typed(BatteryForm.blank(false, Display.USUAL), typed);
    assertThat(BatteryForm.of(entry(form), Display.USUAL).view("ratings").value())
        .isEqualTo("1000 MCA; 760 EN");
    typed.put("ratings", "1000 marine");
    assertThat(BatteryForm.typed(BatteryForm.blank(false, Display.USUAL), typed).wrong())
        .isNotEmpty();
  }

  @Test
  void anHonestLabelHasOnlyItsPrintedLine() {
    Map<String, String> typed = typed("agm", "760");
    typed.put("capacity", "70");
    typed.put("reserve", "124");
    typed.put("mass", "20.4");
    typed.put("side", "RIGHT");
    LabelCard card = card(typed);
    assertThat(card.moved()).isEmpty();
    assertThat(card.caseCode()).isEqualTo("LN3");
    assertThat(card.asPrinted()).contains("760", "70", "124", "278 × 175 × 190", "+ right");
  }

  /** Lead that has stood 18 to 24 months uncharged has been sulfating (common practice). */
  @Test
  void aDateCodeTellsHowLongItHasStood() {
    Map<String, String> typed = typed("agm", "760");
    typed.put("dateCode", "03/25");
    assertThat(card(typed).remarks()).anyMatch(each -> each.startsWith("Made 20 months ago"));
    typed.put("dateCode", "10/26");
    assertThat(card(typed).remarks()).anyMatch(each -> each.startsWith("Made 1 month ago"));
    typed.put("dateCode", "soon");
    assertThat(BatteryForm.typed(BatteryForm.blank(false, Display.USUAL), typed).wrong())
        .extracting(each -> each.field().name())
        .containsExactly("dateCode");
  }

  /** A label that comes from the core is stored as it would have been typed. */
  @Test
  void whatTheCatalogueSaysIsStoredFactByFact() {
    Map<String, String> typed = typed("lfp", "320");
    typed.put("capacity", "20");
    typed.put("protected", "yes");
    typed.put("heated", "yes");
    typed.put("terminal", "STUD");
    typed.put("discharges", "25 A 45 min");
    Label label =
        entry(Form.typed(BatteryForm.blank(false, Display.USUAL), typed)).candidate().label();
    StoredLabel stored = new StoredLabel(UUID.randomUUID(), false);
    LabelFacts.write(label, stored, Instant.EPOCH);
    assertThat(stored.asLabel(Optional.empty()).sheet()).isEqualTo(label.sheet());
    assertThat(stored.asLabel(Optional.empty()).build()).isEqualTo(label.build());
    assertThat(stored.asLabel(Optional.empty()).capacityAh()).isEqualTo(label.capacityAh());
  }

  @Test
  void aStoredLabelIsShownAsItWasTyped() {
    Form form = Form.typed(BatteryForm.blank(false, Display.USUAL), typed("agm", "760"));
    Form shown = BatteryForm.of(entry(form), Display.USUAL);
    assertThat(shown.differencesFrom(form)).isEmpty();
    assertThat(shown.view("price").value()).isEqualTo("99.9");
    assertThat(shown.view("reserve").value()).isEmpty();
  }

  /** Forty invented labels on their cards: half with a known flaw, which is said; none accused. */
  @Test
  void fortyLabelsOnTheirCards() {
    for (Table.Row row : Table.read(LabelAudit.class, "forty-labels.csv").rows()) {
      Map<String, String> typed = typed(row.text("chemistry"), row.text("cca"));
      typed.put("capacity", row.text("ah"));
      typed.put("capacityHours", row.text("hours"));
      typed.put("reserve", row.text("rc"));
      typed.put("mass", row.text("kg"));
      if (row.text("chemistry").equals("lfp")) {
        typed.put("protected", "yes");
      }
      boolean accused =
          card(typed).remarks().stream()
              .anyMatch(
                  remark ->
                      row.text("flaw").equals("WARM_PULSE")
                          || !(remark.startsWith("Such labels follow no standard")
                              || remark.startsWith("Reads like a deep-cycle battery")));
      assertThat(accused)
          .as(row + " " + card(typed).remarks())
          .isEqualTo(!row.text("flaw").isEmpty());
    }
  }
}
