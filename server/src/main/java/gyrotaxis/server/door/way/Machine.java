package gyrotaxis.server.door.way;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * How this machine is called and found in its network.
 *
 * @param names host names, small letters, without a dot at the end
 * @param addresses what other machines reach it by, as they are typed, IPv4 first; none without a network
 */
record Machine(List<String> names, List<String> addresses) {
    private static final Pattern HOST = Pattern.compile("[a-z0-9]([a-z0-9-]{0,62}[a-z0-9])?(\\.[a-z0-9-]{1,63})*");

    Machine {
        names = List.copyOf(names);
        addresses = List.copyOf(addresses);
    }

    /** This machine as it is now. */
    static Machine here() {
        List<String> names = new ArrayList<>();
        try {
            String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            if (HOST.matcher(name).matches() && !name.equals("localhost")) {
                names.add(name);
                if (!name.contains(".")) {
                    // As machines are called that find each other without a server for names (RFC 6762).
                    names.add(name + ".local");
                }
            }
        } catch (UnknownHostException withoutAName) {
            // Then it is reached by its addresses alone.
        }
        return new Machine(names, addressesHere());
    }

    private static List<String> addressesHere() {
        List<String> four = new ArrayList<>();
        List<String> six = new ArrayList<>();
        try {
            for (NetworkInterface n : NetworkInterface.networkInterfaces()
                    .sorted(Comparator.comparing(NetworkInterface::getIndex))
                    .toList()) {
                if (n.isUp() && !n.isLoopback()) {
                    n.inetAddresses()
                            .filter(a -> !a.isLinkLocalAddress() && !a.isMulticastAddress())
                            .forEach(a -> (a instanceof Inet4Address ? four : six).add(plain(a)));
                }
            }
        } catch (SocketException withoutANetwork) {
            return List.of();
        }
        four.addAll(six);
        return four;
    }

    /** Without the interface that an IPv6 address is told with. */
    private static String plain(InetAddress a) {
        String text = a.getHostAddress();
        int zone = text.indexOf('%');
        return zone < 0 ? text : text.substring(0, zone);
    }

    /** All that a browser may ask for it by; IPv6 in brackets. */
    List<String> hosts() {
        List<String> all = new ArrayList<>(names);
        addresses.forEach(a -> all.add(a.contains(":") ? "[" + a + "]" : a));
        return all;
    }

    /** What is best typed into another device: an address, because it needs no server for names. */
    String best() {
        return hosts().stream()
                .filter(h -> addresses.contains(h))
                .findFirst()
                .orElseGet(() -> hosts().isEmpty() ? "localhost" : hosts().get(0));
    }
}
