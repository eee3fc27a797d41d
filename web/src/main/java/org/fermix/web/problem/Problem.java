package org.fermix.web.problem;

import org.springframework.http.HttpStatusCode;

/**
 * What the reader is told.
 *
 * @param reference found in the log beside the cause; empty when the fault is not ours
 */
public record Problem(String title, String advice, String reference) {
  static Problem of(HttpStatusCode status, String reference) {
    return switch (status.value()) {
      case 404 ->
          new Problem(
              "There is nothing at this address",
              "It may belong to another garage, or it was removed. Your garage lists all you have.",
              reference);
      case 403 ->
          new Problem(
              "This form has grown too old to be accepted",
              "Go back, reload the page and send it again; nothing was changed.",
              reference);
      case 413 ->
          new Problem(
              "That file is too large",
              "At most 40 MB are accepted. Cut it down to the start itself and send it again;"
                  + " nothing was changed.",
              reference);
      case 409 ->
          new Problem(
              "This was changed somewhere else at the same moment",
              "Go back, reload the page and do it once more; what was saved first is kept.",
              reference);
      case 405, 400, 415 ->
          new Problem(
              "That request could not be read",
              "Go back and try again from the page itself; nothing was changed.",
              reference);
      default ->
          new Problem(
              "Something went wrong on our side",
              "What was saved before is safe. Try again; if it happens again, quote the reference.",
              reference);
    };
  }
}
