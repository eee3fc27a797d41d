package org.fermix.web.first;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.fermix.core.machine.EngineClass;

/** The kinds of machine drawn on the first page; which engines sit in each, their table says. */
enum MachineKind {
  CAR("Car, van", "veh-car"),
  MOTORCYCLE("Motorcycle", "veh-moto"),
  POWERSPORT("Snowmobile, ATV", "veh-snow"),
  WATERCRAFT("Watercraft", "veh-pwc"),
  BOAT("Boat", "veh-boat"),
  AEROPLANE("Aeroplane", "veh-plane"),
  ELECTRIC("Electric car", "veh-ev");

  private final String words;
  private final String mark;

  MachineKind(String words, String mark) {
    this.words = words;
    this.mark = mark;
  }

  String words() {
    return words;
  }

  /** What the machine is called until its owner calls it otherwise. */
  String usualName() {
    return switch (this) {
      case CAR -> "My car";
      case MOTORCYCLE -> "My motorcycle";
      case POWERSPORT -> "My machine";
      case WATERCRAFT -> "My watercraft";
      case BOAT -> "My boat";
      case AEROPLANE -> "My aeroplane";
      case ELECTRIC -> "My electric car";
    };
  }

  String mark() {
    return mark;
  }

  /** The engines that sit in such a machine, the usual first. */
  List<EngineClass> engines() {
    return EngineClass.all().stream()
        .filter(each -> each.traits().drawnAs().equals(name()))
        .toList();
  }

  static Optional<MachineKind> find(String name) {
    return Arrays.stream(values()).filter(kind -> kind.name().equals(name)).findFirst();
  }
}
