package org.fermix.web.account;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Base64;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * What all instances on one database share: the name in their cookies, so that another Fermix on
 * the same host never overwrites them, and the secret they sign with. Also makes random keys.
 */
@Component
class Instance {
  private static final String HMAC = "HmacSHA256";
  private static final int KEY_BYTES = 32;

  private final String name;
  private final SecretKeySpec secret;
  private final SecureRandom random = new SecureRandom();

  Instance(JdbcClient database) {
    this.name = database.sql("select name from instance").query(String.class).single();
    this.secret =
        new SecretKeySpec(
            database.sql("select secret from instance").query(byte[].class).single(), HMAC);
  }

  /** Eight letters and digits. */
  String name() {
    return name;
  }

  /** A text that only instances on this database can make from another. */
  String signed(String text) {
    try {
      Mac mac = Mac.getInstance(HMAC);
      mac.init(secret);
      return text(mac.doFinal(text.getBytes(StandardCharsets.UTF_8)));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("every Java platform has " + HMAC, e);
    }
  }

  /** A new key nobody can guess. */
  String key() {
    return text(bytes(KEY_BYTES));
  }

  /** Random bytes nobody can guess. */
  byte[] bytes(int count) {
    byte[] bytes = new byte[count];
    random.nextBytes(bytes);
    return bytes;
  }

  private static String text(byte[] bytes) {
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
