package org.fermix.web.account;

import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.jdbc.PrimaryKeyMapper;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import io.github.bucket4j.postgresql.PostgreSQLSelectForUpdateBasedProxyManager;
import java.time.Duration;
import java.util.Locale;
import javax.sql.DataSource;
import org.fermix.web.shared.TooOften;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * How often an address may do what costs or what could be guessed at. Kept in the database, so that
 * it counts over all instances; an address is kept only in a form that cannot be read back.
 */
@Component
class Allowances {
  private static final Logger LOG = LoggerFactory.getLogger(Allowances.class);
  private static final int SWEPT_AT_ONCE = 1000;

  /** What is counted. */
  enum Kind {
    /** A garage is opened: one's own or a copy of the demo. */
    OPENING,
    /** A key that was written down is tried. */
    KEY
  }

  private final PostgreSQLSelectForUpdateBasedProxyManager<String> buckets;
  private final Instance instance;
  private final int openingsPerHour;
  private final int keysPerMinute;

  Allowances(
      DataSource dataSource,
      Instance instance,
      @Value("${fermix.allowance.openings-per-hour:60}") int openingsPerHour,
      @Value("${fermix.allowance.keys-per-minute:10}") int keysPerMinute) {
    this.buckets =
        Bucket4jPostgreSQL.selectForUpdateBasedBuilder(dataSource)
            .primaryKeyMapper(PrimaryKeyMapper.STRING)
            .table("allowance")
            .idColumn("id")
            .stateColumn("state")
            .expiresAtColumn("expires_at")
            .expirationAfterWrite(
                ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(
                    Duration.ofMinutes(1)))
            .build();
    this.instance = instance;
    this.openingsPerHour = openingsPerHour;
    this.keysPerMinute = keysPerMinute;
  }

  /**
   * Takes one of what an address is allowed.
   *
   * @throws TooOften when nothing is left for now
   */
  void take(Kind kind, String address) {
    String who = instance.signed(network(address)).substring(0, 16);
    var probe =
        buckets
            .builder()
            .build(kind.name().toLowerCase(Locale.ROOT) + ":" + who, () -> allowed(kind))
            .tryConsumeAndReturnRemaining(1);
    if (!probe.isConsumed()) {
      LOG.warn("refused reason=too-often what={} who={}", kind, who);
      throw new TooOften(Duration.ofNanos(probe.getNanosToWaitForRefill()));
    }
  }

  private BucketConfiguration allowed(Kind kind) {
    int count = kind == Kind.KEY ? keysPerMinute : openingsPerHour;
    Duration period = kind == Kind.KEY ? Duration.ofMinutes(1) : Duration.ofHours(1);
    return BucketConfiguration.builder()
        .addLimit(limit -> limit.capacity(count).refillGreedy(count, period))
        .build();
  }

  /** Of an IPv6 address its first 64 bits: one customer usually has all that begin so. */
  private static String network(String address) {
    if (address.indexOf(':') < 0) {
      return address;
    }
    int colons = 0;
    for (int i = 0; i < address.length(); i++) {
      colons += address.charAt(i) == ':' ? 1 : 0;
      if (colons == 4) {
        return address.substring(0, i);
      }
    }
    return address;
  }

  /** Forgets what is full again. */
  int sweep() {
    return buckets.removeExpired(SWEPT_AT_ONCE);
  }
}
