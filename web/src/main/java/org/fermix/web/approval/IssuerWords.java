package org.fermix.web.approval;

import java.util.Arrays;
import java.util.List;
import org.fermix.core.permission.Approval;
import org.fermix.web.shared.Field;

/** Words for whose word a document is. */
public final class IssuerWords {
  private IssuerWords() {}

  /** One of them. */
  public static String of(Approval.Issuer issuer) {
    return switch (issuer) {
      case ENGINE_MAKER -> "the engine’s maker";
      case MACHINE_MAKER -> "the machine’s maker";
      case AUTHORITY -> "an authority";
      case BATTERY_SELLER -> "a maker or seller of batteries";
      case INSURER -> "an insurer";
    };
  }

  static List<Field.Choice> choices() {
    return Arrays.stream(Approval.Issuer.values())
        .map(each -> new Field.Choice(each.name(), of(each)))
        .toList();
  }
}
