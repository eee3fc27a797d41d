package org.fermix.web.need;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.machine.LayUpPlace;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.callback.BaseCallback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;
import org.springframework.stereotype.Component;

/** Tells the database the places the core knows, so that a need refers to one of them. */
@Component
class KnownPlaces extends BaseCallback {
  @Override
  public boolean supports(Event event, Context context) {
    return event == Event.AFTER_MIGRATE;
  }

  @Override
  public void handle(Event event, Context context) {
    try {
      add(
          context.getConnection(),
          "insert into lay_up_place values (?) on conflict do nothing",
          LayUpPlace.all().stream().map(LayUpPlace::id).toList());
      add(
          context.getConnection(),
          "insert into battery_place values (?) on conflict do nothing",
          BatteryPlace.all().stream().map(BatteryPlace::id).toList());
    } catch (SQLException e) {
      throw new FlywayException("the places could not be told", e);
    }
  }

  private static void add(Connection connection, String insert, List<String> ids)
      throws SQLException {
    try (PreparedStatement statement = connection.prepareStatement(insert)) {
      for (String id : ids) {
        statement.setString(1, id);
        statement.addBatch();
      }
      var unused = statement.executeBatch();
    }
  }
}
