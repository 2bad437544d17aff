package gyrotaxis.server.door.way;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;

/**
 * The studio's own certificate authority, and the certificate that it gave this machine.
 *
 * <p>Both are made by the JDK's {@code keytool} and lie with the data. Devices trust the authority once; the certificate is made anew
 * when this machine is called otherwise or its time runs out, and no device needs to hear of it.
 */
final class Certificates {
    /** No longer than browsers take one for (CA/Browser Forum, baseline requirements 6.3.2). */
    static final Duration CERTIFICATE_LASTS = Duration.ofDays(397);

    /** As long before its end the certificate is made anew. */
    static final Duration RENEWED_BEFORE = Duration.ofDays(30);

    /** Every device has to be told of a new one, so it lasts. */
    static final Duration AUTHORITY_LASTS = Duration.ofDays(3650);

    private static final String AUTHORITY = "authority";
    private static final String SERVER = "server";
    private static final String SECRET = "GYROTAXIS_STORE_SECRET";
    private static final int SECRET_BYTES = 24;
    private static final Duration LONGEST_RUN = Duration.ofMinutes(10);

    /** Kinds of names in a certificate (RFC 5280, 4.2.1.6). */
    private static final Set<Integer> DNS_OR_IP = Set.of(2, 7);

    private final Path folder;
    private final Clock clock;

    Certificates(Path dataFolder, Clock clock) {
        this.folder = dataFolder.resolve("door");
        this.clock = clock;
    }

    /** The store of the machine's key and certificate. */
    Path serverStore() {
        return folder.resolve("server.p12");
    }

    private Path authorityStore() {
        return folder.resolve("authority.p12");
    }

    /** The secret of both stores. */
    String secret() {
        Path file = folder.resolve("secret");
        try {
            if (!Files.exists(file)) {
                byte[] random = new byte[SECRET_BYTES];
                new SecureRandom().nextBytes(random);
                Files.writeString(file, Base64.getUrlEncoder().withoutPadding().encodeToString(random));
                ownOnly(file);
            }
            return Files.readString(file).strip();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void ownOnly(Path file) throws IOException {
        if (Files.getFileAttributeView(file, PosixFileAttributeView.class) != null) {
            Files.setPosixFilePermissions(
                    file, PosixFilePermissions.fromString(Files.isDirectory(file) ? "rwx------" : "rw-------"));
        }
    }

    /**
     * Makes what is missing or runs out.
     *
     * @param names host names and addresses that the certificate is to hold for
     * @return whether the certificate is a new one
     */
    boolean ensure(Collection<String> names) {
        try {
            Files.createDirectories(folder);
            ownOnly(folder);
            // Whatever it gave would end with it.
            if (!authorityLasts()) {
                makeAuthority();
                Files.deleteIfExists(serverStore());
            }
            Set<String> all = new TreeSet<>(names);
            all.addAll(List.of("localhost", "127.0.0.1"));
            if (lasts(serverStore(), SERVER, RENEWED_BEFORE)
                    && namesOf(server()).equals(all)) {
                return false;
            }
            makeServer(all);
            return true;
        } catch (IOException | GeneralSecurityException e) {
            throw new CannotStart(
                    "The studio's certificate in " + folder + " could not be made: " + e.getMessage() + ".",
                    "Look whether the folder can be written. If it goes on, move the folder away: a new one is made, and every"
                            + " device has to trust it once more.");
        }
    }

    /**
     * Whether the authority is there and outlasts a certificate that it gives now. One that cannot be read is not one that is missing: a
     * new one would have to be trusted by every device.
     */
    boolean authorityLasts() throws GeneralSecurityException, IOException {
        return lasts(authorityStore(), AUTHORITY, CERTIFICATE_LASTS);
    }

    private boolean lasts(Path store, String alias, Duration left) throws GeneralSecurityException, IOException {
        return Files.exists(store)
                && certificate(store, alias)
                        .getNotAfter()
                        .toInstant()
                        .isAfter(clock.instant().plus(left));
    }

    private void makeAuthority() throws IOException {
        Files.deleteIfExists(authorityStore());
        keytool(
                "-genkeypair",
                "-alias",
                AUTHORITY,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-dname",
                "CN=Gyrotaxis in this studio, O=made by this studio for itself",
                "-validity",
                days(AUTHORITY_LASTS),
                "-startdate",
                "-1d",
                "-ext",
                "bc:critical=ca:true,pathlen:0",
                "-ext",
                "ku:critical=keyCertSign,cRLSign",
                "-storetype",
                "PKCS12",
                "-keystore",
                authorityStore().toString());
        ownOnly(authorityStore());
    }

    private void makeServer(Set<String> names) throws IOException {
        Path half = folder.resolve("server.half.p12");
        Path request = folder.resolve("request");
        Path answer = folder.resolve("answer");
        Path authority = folder.resolve("authority.pem");
        Files.deleteIfExists(half);
        String store = half.toString();
        keytool(
                "-genkeypair",
                "-alias",
                SERVER,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-dname",
                "CN=Gyrotaxis",
                "-storetype",
                "PKCS12",
                "-keystore",
                store);
        keytool("-certreq", "-alias", SERVER, "-keystore", store, "-file", request.toString());
        keytool(
                "-gencert",
                "-alias",
                AUTHORITY,
                "-keystore",
                authorityStore().toString(),
                "-infile",
                request.toString(),
                "-outfile",
                answer.toString(),
                "-rfc",
                "-validity",
                days(CERTIFICATE_LASTS),
                "-startdate",
                "-1d",
                "-ext",
                "san=" + names.stream().map(Certificates::kind).collect(Collectors.joining(",")),
                "-ext",
                "eku=serverAuth",
                "-ext",
                "ku:critical=digitalSignature");
        keytool(
                "-exportcert",
                "-alias",
                AUTHORITY,
                "-rfc",
                "-keystore",
                authorityStore().toString(),
                "-file",
                authority.toString());
        keytool("-importcert", "-noprompt", "-alias", AUTHORITY, "-keystore", store, "-file", authority.toString());
        keytool("-importcert", "-noprompt", "-alias", SERVER, "-keystore", store, "-file", answer.toString());
        ownOnly(half);
        Files.move(half, serverStore(), StandardCopyOption.REPLACE_EXISTING);
        Files.delete(request);
        Files.delete(answer);
    }

    private static String kind(String name) {
        boolean isAddress = name.contains(":") || name.matches("[0-9.]+");
        return (isAddress ? "ip:" : "dns:") + name;
    }

    private static String days(Duration d) {
        return String.valueOf(d.toDays());
    }

    /** The secret goes by the environment: arguments can be seen by everybody on the machine. */
    private void keytool(String... what) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "keytool").toString());
        command.addAll(List.of(what));
        // A process that lives for a moment is compiled quickly rather than well.
        command.addAll(List.of("-storepass:env", SECRET, "-J-XX:TieredStopAtLevel=1", "-J-XX:+UseSerialGC"));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put(SECRET, secret());
        Process p = builder.start();
        p.getOutputStream().close();
        try (InputStream said = p.getInputStream()) {
            String words = new String(said.readAllBytes(), StandardCharsets.UTF_8);
            if (!p.waitFor(LONGEST_RUN.toSeconds(), TimeUnit.SECONDS) || p.exitValue() != 0) {
                throw new IOException(what[0] + " of keytool said: " + words.strip());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("it was interrupted", e);
        }
    }

    private X509Certificate certificate(Path store, String alias) throws GeneralSecurityException, IOException {
        KeyStore keys = KeyStore.getInstance(store.toFile(), secret().toCharArray());
        if (keys.getCertificate(alias) instanceof X509Certificate c) {
            return c;
        }
        throw new IOException(store + " holds no certificate called " + alias);
    }

    /** This machine's certificate. */
    X509Certificate server() throws GeneralSecurityException, IOException {
        return certificate(serverStore(), SERVER);
    }

    /** The authority's certificate, which devices trust. */
    X509Certificate authority() {
        try {
            return certificate(authorityStore(), AUTHORITY);
        } catch (GeneralSecurityException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** SHA-256 of a certificate, in pairs, as devices show it. */
    static String fingerprint(X509Certificate c) {
        try {
            return HexFormat.ofDelimiter(" ")
                    .withUpperCase()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(c.getEncoded()));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Set<String> namesOf(X509Certificate c) throws GeneralSecurityException {
        Collection<List<?>> all = c.getSubjectAlternativeNames();
        Set<String> names = new TreeSet<>();
        if (all != null) {
            all.stream().filter(n -> DNS_OR_IP.contains(n.get(0))).forEach(n -> names.add(String.valueOf(n.get(1))));
        }
        return names;
    }
}
