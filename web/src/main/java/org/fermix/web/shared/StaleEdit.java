package org.fermix.web.shared;

/** Somebody else saved the same thing since the form was opened. */
public class StaleEdit extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Says what was changed elsewhere. */
  public StaleEdit(String what) {
    super(what + " was changed elsewhere since it was opened");
  }
}
