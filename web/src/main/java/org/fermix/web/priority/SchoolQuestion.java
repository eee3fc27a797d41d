package org.fermix.web.priority;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.fermix.core.bench.Schools;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.reserve.DepthSchool;
import org.fermix.web.shared.Field;

/** A question on which practice divides and the model asks, with the schools there are. */
public enum SchoolQuestion {
  LEAD_DEPTH("How deep may lead-acid be used?", depths(Chemistry.Family.LEAD)),
  LITHIUM_DEPTH("How deep may lithium be used?", depths(Chemistry.Family.LITHIUM)),
  SODIUM_DEPTH("How deep may sodium be used?", depths(Chemistry.Family.SODIUM)),
  CRANKING(
      "May lithium or sodium start an engine?",
      List.of(
          new Answer(
              "RATED_AND_ALLOWED",
              "where it is rated for it and allowed",
              "charged within its window; a bar of its maker stands whatever the school"),
          new Answer("NEVER", "never", "kept for what runs with the engine off"))),
  ALTERNATOR(
      "May they be charged straight by an alternator?",
      List.of(
          new Answer(
              "WORD_AND_VOLTS",
              "by the maker’s word and the measured volts",
              "no two chemistries in parallel"),
          new Answer("BARRED", "never", "only through a charger of their own"))),
  LEAST_VOLTS(
      "From how many volts is lithium charged?",
      List.of(
          new Answer("13.6", "13.6 V", "charges from there, full from 14.0, shown as such"),
          new Answer("13.8", "13.8 V", "less is refused"),
          new Answer("14.0", "14.0 V", "less never fills it, and is refused"))),
  FIRST(
      "Which comes first, cranking or reserve?",
      List.of(
          new Answer(
              "BY_COLD", "by the coldest morning", "cranking where it is cold, alike where not"),
          new Answer("RESERVE", "reserve", "unless it is really cold"),
          new Answer("CRANKING", "cranking", "a start is what it is for"))),
  SIZING(
      "What are the least cranking amps?",
      List.of(
          new Answer("MAKER", "the maker’s figure", "rule and model stand beside it as a check"),
          new Answer("RULE", "the displacement rule", "as a floor, also beside a maker’s figure")));

  private final String asks;

  /** Records of texts. */
  @SuppressWarnings("ImmutableEnumChecker")
  private final List<Answer> answers;

  SchoolQuestion(String asks, List<Answer> answers) {
    this.asks = asks;
    this.answers = answers;
  }

  /**
   * One school.
   *
   * @param why its reason, or what it entails
   */
  public record Answer(String id, String words, String why) {}

  private static List<Answer> depths(Chemistry.Family family) {
    List<Answer> found = new ArrayList<>();
    DepthSchool usual = DepthSchool.usual(family);
    found.add(answer(usual));
    DepthSchool.on(family).stream()
        .filter(each -> !each.equals(usual))
        .forEach(each -> found.add(answer(each)));
    return found;
  }

  private static Answer answer(DepthSchool school) {
    return new Answer(school.id(), Math.round(100 * school.depth()) + "\u202f%", school.why());
  }

  /** The question. */
  public String asks() {
    return asks;
  }

  /** The schools; the first is the default. */
  public List<Answer> answers() {
    return answers;
  }

  /** The school followed where nobody says. */
  public Answer usual() {
    return answers.get(0);
  }

  /** The school of an id; the default where there is none of it. */
  public Answer of(String id) {
    return answers.stream().filter(each -> each.id().equals(id)).findFirst().orElse(usual());
  }

  List<Field.Choice> choices() {
    return answers.stream().map(each -> new Field.Choice(each.id(), each.words())).toList();
  }

  /** The core’s schools of what was chosen, by question. */
  static Schools schools(Map<SchoolQuestion, String> chosen) {
    Map<Chemistry.Family, DepthSchool> depths = new EnumMap<>(Chemistry.Family.class);
    depth(chosen, LEAD_DEPTH, Chemistry.Family.LEAD, depths);
    depth(chosen, LITHIUM_DEPTH, Chemistry.Family.LITHIUM, depths);
    depth(chosen, SODIUM_DEPTH, Chemistry.Family.SODIUM, depths);
    return new Schools(
        depths,
        Schools.Cranking.valueOf(CRANKING.id(chosen)),
        Schools.Alternator.valueOf(ALTERNATOR.id(chosen)),
        Double.parseDouble(LEAST_VOLTS.id(chosen)),
        Schools.First.valueOf(FIRST.id(chosen)),
        Schools.Sizing.valueOf(SIZING.id(chosen)));
  }

  private String id(Map<SchoolQuestion, String> chosen) {
    return of(chosen.getOrDefault(this, "")).id();
  }

  private static void depth(
      Map<SchoolQuestion, String> chosen,
      SchoolQuestion question,
      Chemistry.Family family,
      Map<Chemistry.Family, DepthSchool> depths) {
    String id = question.id(chosen);
    if (!id.equals(question.usual().id())) {
      DepthSchool.find(id).ifPresent(school -> depths.put(family, school));
    }
  }
}
