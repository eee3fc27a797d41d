package org.fermix.web.account;

import java.util.UUID;

/**
 * The garage a request works in.
 *
 * @param ownerId whose rows it may see; every query is scoped by it
 * @param demo true in the demo garage, which all visitors share
 */
public record Visitor(UUID ownerId, boolean demo) {}
