package org.fermix.web.bench;

import java.util.Collection;
import java.util.stream.Collectors;
import org.fermix.core.decision.Hold;

/** What has to be known first, in words, with where it is answered. */
public final class HoldWords {
  private HoldWords() {}

  /**
   * One thing that is not known yet.
   *
   * @param name of the hold
   * @param what is not known, as the subject of a sentence
   * @param path where it is answered, below the job
   * @param ask what to do there
   */
  public record Held(String name, String what, String path, String ask) {}

  /** One of them. */
  public static Held of(Hold hold) {
    return switch (hold) {
      case TRAY ->
          new Held(hold.name(), "the tray’s size", "/need#f-trayLength", "Measure the tray");
      case CHARGING ->
          new Held(
              hold.name(), "the charging voltage", "/need#f-volts", "Measure the charging voltage");
      case STOPS ->
          new Held(
              hold.name(),
              "whether the engine stops at lights",
              "/need#f-stops",
              "Say whether it stops at lights");
      case APPROVAL ->
          new Held(
              hold.name(),
              "its approval for this machine",
              "/permission",
              "Enter the document that approves it");
    };
  }

  /** What has to be done first, after "once". */
  static String once(Collection<Hold> holds) {
    return holds.stream()
        .map(
            hold ->
                switch (hold) {
                  case TRAY -> "you have measured the tray";
                  case CHARGING -> "you have measured the charging voltage";
                  case STOPS -> "you know that the engine does not stop at lights";
                  case APPROVAL -> "its approval for this machine is shown";
                })
        .collect(Collectors.joining(" and "));
  }
}
