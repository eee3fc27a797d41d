package org.fermix.web.problem;

import org.springframework.http.HttpStatusCode;

/**
 * What the reader is told.
 *
 * @param reference found in the log beside the cause; empty when the fault is not ours
 */
public record Problem(String title, String advice, String reference) {
  /** The database does not answer. */
  static final String DATABASE = "database";

  /** The same, for a form that did not reach it. */
  static final String NOT_SAVED = "not saved";

  /** The same, for a form that may have reached it. */
  static final String PERHAPS_SAVED = "perhaps saved";

  /** The database has no room left. */
  static final String FULL = "full";

  /**
   * The words for a status.
   *
   * @param detail what the status alone does not say: upload, form, origin, database; or empty
   */
  static Problem of(HttpStatusCode status, String detail, String reference) {
    return switch (status.value()) {
      case 404 ->
          new Problem(
              "There is nothing at this address",
              "It may belong to another garage, or it was removed. Your garage lists all you have.",
              reference);
      case 403 ->
          detail.equals("origin")
              ? new Problem(
                  "That came from another site’s page",
                  "Nothing was changed. Open Fermix itself and do it there.",
                  reference)
              : new Problem(
                  "This form has grown too old to be accepted",
                  "Nothing was changed. Send it again from here, or go back and reload the page.",
                  reference);
      case 408 ->
          new Problem(
              "That took too long to arrive",
              "Nothing was changed. Try again where the connection is better.",
              reference);
      case 413 -> tooLarge(detail, reference);
      case 409 ->
          new Problem(
              "This was changed somewhere else at the same moment",
              "Go back, reload the page and do it once more; what was saved first is kept.",
              reference);
      case 421 ->
          new Problem(
              "Fermix does not answer under this name",
              "Use the address it was started with. Whoever runs it can add names to"
                  + " fermix.door.hosts.",
              reference);
      case 429 ->
          new Problem(
              "That was done very often from your address",
              "Nothing was changed. Wait " + wait(detail) + " and try again.",
              reference);
      case 503 -> unavailable(detail, reference);
      case 405 ->
          new Problem(
              "That cannot be done this way",
              "Pages are opened and forms are sent; nothing else is taken here. Nothing was"
                  + " changed.",
              reference);
      case 400, 415 ->
          new Problem(
              "That request could not be read",
              detail.equals("upload")
                  ? "A file has to come with it, as a form with a file sends it. Go back and choose"
                      + " the file again; nothing was changed."
                  : "Go back and try again from the page itself; nothing was changed.",
              reference);
      default ->
          new Problem(
              "Something went wrong on our side",
              "What was saved before is safe. Try again; if it happens again, quote the reference.",
              reference);
    };
  }

  private static Problem tooLarge(String detail, String reference) {
    return detail.equals("form")
        ? new Problem(
            "That is too much for one form",
            "At most 64 KB are accepted; nothing was changed. Go back and shorten what you typed.",
            reference)
        : new Problem(
            "That file is too large",
            "At most 40 MB are accepted. Cut it down to the start itself and send it again;"
                + " nothing was changed.",
            reference);
  }

  private static Problem unavailable(String detail, String reference) {
    String notReached = "What is stored cannot be reached just now";
    String later = " Try again in a minute; if it goes on, quote the reference.";
    return switch (detail) {
      case DATABASE -> new Problem(notReached, "What was saved before is safe." + later, reference);
      case NOT_SAVED ->
          new Problem(
              notReached, "What was saved before is safe; this was not saved." + later, reference);
      case PERHAPS_SAVED ->
          new Problem(
              notReached,
              "What was saved before is safe. Whether this was saved is not known: look before you"
                  + " send it again.",
              reference);
      case FULL ->
          new Problem(
              "There is no room to save anything just now",
              "What was saved before is safe; this was not saved. Whoever runs Fermix has to make"
                  + " room on its disk; quote the reference.",
              reference);
      default ->
          new Problem(
              "Others are being served just now",
              "Nothing was changed. Try again in some seconds.",
              reference);
    };
  }

  private static String wait(String seconds) {
    if (seconds.isEmpty()) {
      return "a while";
    }
    int wait = Integer.parseInt(seconds);
    return wait < 90 ? wait + " seconds" : Math.round(wait / 60.0) + " minutes";
  }
}
