package org.fermix.web.shared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;
import org.junit.jupiter.api.Test;

class FormTest {
  private static final Display US = new Display(UnitSystem.US, "USD", ZoneOffset.UTC);
  private static final List<Field> FIELDS =
      List.of(
          Field.text("name", "Name", 10).needed(),
          Field.number("cca", "CCA", Unit.AMPERE, 1, 3000),
          Field.number("length", "Length", Unit.MILLIMETRE, 20, 1000),
          Field.number("cold", "Coldest morning", Unit.CELSIUS, -40, 40),
          Field.number("cylinders", "Cylinders", Unit.COUNT, 1, 16).wholeOnly(),
          Field.choice("side", "Side", List.of(new Field.Choice("LEFT", "left"))));

  private static Form typed(Display display, Map<String, String> parameters) {
    return Form.typed(Form.blank(FIELDS, display), parameters);
  }

  @Test
  void saysWhatIsAcceptedAndKeepsWhatWasTyped() {
    Form form = typed(Display.USUAL, Map.of("name", "x", "cca", "9000"));
    assertThat(form.isSound()).isFalse();
    assertThat(form.view("cca").error()).isEqualTo("CCA: 1 to 3,000 A.");
    assertThat(form.view("cca").value()).isEqualTo("9000");
    assertThat(form.number("cca")).isEmpty();
    assertThat(form.view("name").value()).isEqualTo("x");
  }

  @Test
  void everyComplaintIsMadeAtOnce() {
    Form form =
        typed(
            Display.USUAL,
            Map.of("cca", "many", "length", "-3", "cylinders", "2.5", "side", "UP", "cold", "41"));
    assertThat(form.wrong())
        .extracting(view -> view.field().name())
        .containsExactly("name", "cca", "length", "cold", "cylinders", "side");
  }

  @Test
  void rangesAreToldInTheReadersUnits() {
    assertThat(typed(US, Map.of("name", "x", "cold", "200")).view("cold").error())
        .isEqualTo("Coldest morning: −40 to 104 °F.");
    assertThat(typed(US, Map.of("name", "x", "cold", "14")).number("cold").orElseThrow())
        .isCloseTo(-10, within(1e-9));
  }

  /** 10.25 in is 260.35 mm by definition; shown in either system and saved unseen it stays that. */
  @Test
  void switchingUnitsNeverLosesDigits() {
    double exact = typed(US, Map.of("name", "x", "length", "10.25")).number("length").orElseThrow();
    assertThat(exact).isCloseTo(260.35, within(1e-9));
    double odd = 260.123456789;
    Form shown = Form.stored(FIELDS, US, Map.of("name", "x", "length", odd));
    Form saved = Form.typed(shown, Map.of("name", "x", "length", shown.view("length").value()));
    assertThat(saved.number("length").orElseThrow()).isEqualTo(odd);
  }

  /**
   * A form drawn in one system and sent after the other was chosen elsewhere is still what it said.
   */
  @Test
  void whatWasDrawnInOtherUnitsIsConvertedAndNotReinterpreted() {
    Form now = Form.stored(FIELDS, Display.USUAL, Map.of("name", "x", "length", 260.35));
    Form sent =
        Form.typed(now, Map.of("name", "x", "length", "10.25", "cold", "3.2", "drawn", "US"));
    assertThat(sent.number("length").orElseThrow()).isEqualTo(260.35);
    assertThat(sent.number("cold").orElseThrow()).isCloseTo(-16, within(1e-9));
    assertThat(sent.view("cold").unit()).isEqualTo("°F");
    assertThat(sent.drawn()).isEqualTo("US EUR");
    assertThat(Form.typed(now, Map.of("name", "x", "cold", "3", "drawn", "?")).number("cold"))
        .hasValue(3);
    assertThat(sent.differencesFrom(now)).hasSize(1);
  }

  @Test
  void emptyMeansNotSaid() {
    Form form = typed(Display.USUAL, Map.of("name", "x", "cca", "  "));
    assertThat(form.isSound()).isTrue();
    assertThat(form.numberOrNull("cca")).isNull();
  }

  @Test
  void differencesNameBothSides() {
    Form mine = typed(Display.USUAL, Map.of("name", "x", "cca", "500"));
    Form theirs = Form.stored(FIELDS, Display.USUAL, Map.of("name", "x", "cca", 520.0));
    assertThat(mine.differencesFrom(theirs))
        .containsExactly(new Form.Difference("CCA", "500 A", "520 A"));
  }
}
