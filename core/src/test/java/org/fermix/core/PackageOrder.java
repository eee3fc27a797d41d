package org.fermix.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.lang.ArchRule;
import java.util.List;

/** Packages in an order, of which each may use only those before it. */
public final class PackageOrder {
  private PackageOrder() {}

  /** The rule that keeps the order of the packages below a root. */
  public static ArchRule downward(String root, List<String> order) {
    var layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
    for (String layer : order) {
      layers = layers.layer(layer).definedBy(root + "." + layer + "..");
    }
    for (int i = 0; i < order.size(); i++) {
      String[] later = order.subList(i + 1, order.size()).toArray(String[]::new);
      layers =
          later.length == 0
              ? layers.whereLayer(order.get(i)).mayNotBeAccessedByAnyLayer()
              : layers.whereLayer(order.get(i)).mayOnlyBeAccessedByLayers(later);
    }
    return layers;
  }
}
