package org.fermix.web;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.boot.test.context.SpringBootTest;

/** One running application on the test database, shared by all tests that need it. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
public abstract class WebTestBase {
  /** The first match of a pattern's first group. */
  protected static String find(String pattern, String text) {
    Matcher matcher = Pattern.compile(pattern).matcher(text);
    if (!matcher.find()) {
      throw new AssertionError("nothing like " + pattern + " in:\n" + text);
    }
    return matcher.group(1);
  }
}
