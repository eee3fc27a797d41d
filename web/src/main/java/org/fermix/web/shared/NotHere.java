package org.fermix.web.shared;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** No such thing in this visitor's garage; another owner's things answer the same. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public class NotHere extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Says what was looked for. */
  public NotHere(String what) {
    super("no such " + what + " in this garage");
  }
}
