package org.fermix.core.reserve;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Table;

/**
 * A school on how deep a battery may be used; practice divides, so it is a value the owner chooses.
 * Common practice, no source.
 *
 * @param id stable identifier
 * @param family of chemistry it speaks of
 * @param depth planned with, 0 to 1
 * @param isDefault the one followed until the owner says otherwise
 * @param why its reason, in words
 */
public record DepthSchool(
    String id, Chemistry.Family family, double depth, boolean isDefault, String why) {
  private static final List<DepthSchool> ALL =
      Table.read(DepthSchool.class, "depth-schools.csv").rows().stream()
          .map(
              row ->
                  new DepthSchool(
                      row.text("id"),
                      Chemistry.Family.valueOf(row.text("family")),
                      row.number("depth"),
                      row.text("default").equals("yes"),
                      row.text("why")))
          .toList();

  private static final Map<Chemistry.Family, DepthSchool> USUAL =
      ALL.stream()
          .filter(DepthSchool::isDefault)
          .collect(
              Collectors.toMap(
                  DepthSchool::family,
                  school -> school,
                  (a, b) -> a,
                  () -> new EnumMap<>(Chemistry.Family.class)));

  /** The schools on a family, in table order. */
  public static List<DepthSchool> on(Chemistry.Family family) {
    return ALL.stream().filter(school -> school.family() == family).toList();
  }

  /** The school with the id, if there is one. */
  public static Optional<DepthSchool> find(String id) {
    return ALL.stream().filter(school -> school.id().equals(id)).findFirst();
  }

  /** The default school on a family. */
  public static DepthSchool usual(Chemistry.Family family) {
    return Objects.requireNonNull(USUAL.get(family));
  }
}
