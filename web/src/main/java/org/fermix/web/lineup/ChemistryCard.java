package org.fermix.web.lineup;

import java.util.List;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Table;

/**
 * A chemistry in two lines.
 *
 * @param is what it is like
 * @param asks of its owner
 * @param ends where it goes
 */
public record ChemistryCard(String id, String name, String is, String asks, String ends) {
  private static final List<ChemistryCard> ALL =
      Table.read(ChemistryCard.class, "chemistry-cards.csv").rows().stream()
          .map(
              row ->
                  new ChemistryCard(
                      Chemistry.of(row.text("chemistry")).id(),
                      Chemistry.of(row.text("chemistry")).displayName(),
                      row.text("is"),
                      row.text("asks"),
                      row.text("ends")))
          .toList();

  /** One of each chemistry, in table order. */
  static List<ChemistryCard> all() {
    return ALL;
  }
}
