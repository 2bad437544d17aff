package gyrotaxis.server.book;

import java.util.List;

/**
 * Some clients of a list.
 *
 * @param count how many are in the whole list
 */
record ClientsView(List<ClientView> clients, int count) {}
