package org.fermix.web.catalogue;

import java.util.UUID;
import org.fermix.core.label.Label;

/**
 * One battery of the catalogue.
 *
 * @param caseCode as printed; empty for cases of no standard
 * @param currency of its price, ISO 4217
 * @param source where a garage’s own entry comes from; empty for everybody’s
 */
record Entry(UUID id, Label label, String caseCode, String currency, boolean demo, String source) {}
