package org.fermix.web.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens garages and finds whose a cookie is. Only the hash of a guest's token is stored. */
@Service
public class Accounts {
  private static final int TOKEN_BYTES = 32;

  private final OwnerRepository owners;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  Accounts(OwnerRepository owners, Clock clock) {
    this.owners = owners;
    this.clock = clock;
  }

  /** Opens a new private garage and returns the token that is the only key to it. */
  @Transactional
  public String openGuestGarage() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    owners.save(new Owner(Owner.Kind.GUEST, hash(token), clock.instant()));
    return token;
  }

  /** The guest whose token it is. */
  @Transactional(readOnly = true)
  public Optional<Visitor> guest(String token) {
    return owners.findByTokenHash(hash(token)).map(owner -> new Visitor(owner.id(), false));
  }

  /** The demo garage, if it was loaded. */
  @Transactional(readOnly = true)
  public Optional<Visitor> demo() {
    return owners.findByKind(Owner.Kind.DEMO).map(owner -> new Visitor(owner.id(), true));
  }

  /** Creates the demo garage's owner. */
  @Transactional
  public UUID createDemo() {
    return owners.save(new Owner(Owner.Kind.DEMO, null, clock.instant())).id();
  }

  private static String hash(String token) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java platform has SHA-256", e);
    }
  }
}
