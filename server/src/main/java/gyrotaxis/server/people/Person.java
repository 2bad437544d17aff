package gyrotaxis.server.people;

import gyrotaxis.core.diary.Stylist;
import java.util.Optional;
import java.util.UUID;

/**
 * Somebody who works here.
 *
 * @param stylist who, and when
 * @param method how she works, by the name under which the method is kept; empty if in the usual way
 * @param isGone whether she works here no longer; what she did keeps her name
 * @param version grows by one with every change
 */
public record Person(Stylist stylist, Optional<UUID> method, boolean isGone, int version) {}
