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
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.Preferences;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Opens garages and finds whose a cookie is. Only the hash of a guest's token is stored. */
@Service
public class Accounts {
  private static final int TOKEN_BYTES = 32;

  private final StoredGarageRepository garages;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  Accounts(StoredGarageRepository garages, Clock clock) {
    this.garages = garages;
    this.clock = clock;
  }

  /** Opens a new private garage and returns the token that is the only key to it. */
  @Transactional
  public String openGuestGarage() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    garages.save(new StoredGarage(StoredGarage.Kind.GUEST, hash(token), clock.instant()));
    return token;
  }

  /** The guest whose token it is; that the garage was opened is remembered. */
  @Transactional
  public Optional<Visitor> guest(String token) {
    Optional<StoredGarage> found = garages.findByTokenHash(hash(token));
    found.ifPresent(garage -> garage.seen(clock.instant()));
    return found.map(garage -> new Visitor(garage.id(), false, garage.preferences()));
  }

  /** Keeps how the owner of a garage wants things shown; the demo garage keeps nothing. */
  @Transactional
  public void prefer(Visitor visitor, Preferences preferences) {
    if (!visitor.demo()) {
      garages.findById(visitor.garageId()).orElseThrow().prefer(preferences);
    }
  }

  /** The demo garage, if it was loaded. */
  @Transactional(readOnly = true)
  public Optional<Visitor> demo() {
    return garages.findByKind(StoredGarage.Kind.DEMO).map(garage -> Visitor.toDemo(garage.id()));
  }

  /** Holds a garage until the transaction ends, so that what is counted in it stays so. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(UUID garageId) {
    if (garages.lock(garageId).isEmpty()) {
      throw new NotHere("garage");
    }
  }

  /** Creates the demo garage. */
  @Transactional
  public UUID createDemo() {
    return garages.save(new StoredGarage(StoredGarage.Kind.DEMO, null, clock.instant())).id();
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
