package org.fermix.web.permission;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.permission.Checklist;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Requirement;
import org.fermix.web.battery.LabelFact;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;

/** The small form in which an answer of a seller or maker is kept. */
final class AnswerForm {
  private static final int DATE = 10;
  private static final List<Field> FIELDS =
      List.of(
          Field.text("asks", "Question", DataSheet.LONGEST).needed(),
          Field.text("value", "Answer", DataSheet.LONGEST).needed(),
          Field.choice(
                  "by",
                  "Said by",
                  List.of(
                      new Field.Choice("SELLER", "its seller"),
                      new Field.Choice("MAKER", "its maker"),
                      new Field.Choice("SHEET", "its data sheet"),
                      new Field.Choice("MEASURED", "measured")))
              .needed(),
          Field.text("on", "On", DATE).needed());

  private AnswerForm() {}

  /** What was typed; an answer that settles nothing is said so. */
  static Form typed(Map<String, String> parameters, LocalDate today, Display display) {
    Form form = Form.typed(Form.blank(FIELDS, display), parameters);
    if (form.text("on").isPresent()) {
      Optional<LocalDate> day = day(form);
      if (day.isEmpty() || day.get().isAfter(today) || day.get().getYear() < 1950) {
        form.complain("on", "Year, month and day, not after today, such as " + today + ".");
      }
    }
    if (form.isSound()) {
      Requirement asked = Requirement.read(form.text("asks").orElseThrow());
      Checklist.Answer answer = asked.judge(line(form));
      if (answer == Checklist.Answer.UNCLEAR && !isNumber(form)) {
        form.complain(
            "value",
            "This settles nothing. Write yes or no; of a number, the number alone; of the chemistry,"
                + " its exact name.");
      }
    }
    return form;
  }

  /** A number settles what is asked as a number, whatever its limit. */
  private static boolean isNumber(Form form) {
    DataSheet sheet = new DataSheet(List.of(line(form)));
    return org.fermix.core.permission.Property.meantBy(form.text("asks").orElseThrow())
        .flatMap(
            property ->
                switch (property.kind()) {
                  case NUMBER -> sheet.number(property);
                  case CHEMISTRY ->
                      org.fermix.core.permission.Property.chemistryMeantBy(
                              form.text("value").orElseThrow())
                          .map(id -> 1.0);
                  case FEATURE -> Optional.empty();
                })
        .isPresent();
  }

  static DataSheet.Line line(Form form) {
    return new DataSheet.Line(
        form.text("asks").orElseThrow(), form.text("value").orElseThrow(), day(form));
  }

  static LabelFact.Source by(Form form) {
    return LabelFact.Source.valueOf(form.text("by").orElseThrow());
  }

  private static Optional<LocalDate> day(Form form) {
    try {
      return form.text("on").map(LocalDate::parse);
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }
}
