package gyrotaxis.server.book;

import java.util.UUID;

/** Published in the transaction that writes a client down, changes or erases her. */
public record ClientChanged(UUID client) {}
