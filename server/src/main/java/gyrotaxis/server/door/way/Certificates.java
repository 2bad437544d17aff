package gyrotaxis.server.door.way;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Collection;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * The studio's own certificate authority, and the certificate that it gave this machine.
 *
 * <p>Both are stored with the data. Devices trust the authority once. The certificate is renewed when the machine's names change or it is
 * about to expire; devices need not be told.
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
    private static final int SECRET_BYTES = 24;

    /** At most 20 octets, and positive (RFC 5280, 4.1.2.2). */
    private static final int SERIAL_BITS = 159;

    /** RFC 7468, 2. */
    private static final int PEM_COLUMNS = 64;

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
                Files.deleteIfExists(serverStore());
                makeAuthority();
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

    private void makeAuthority() throws IOException, GeneralSecurityException {
        KeyPair keys = keys();
        X500Name name = new X500Name("CN=Gyrotaxis in this studio, O=made by this studio for itself");
        X509v3CertificateBuilder certificate = builder(name, name, keys, AUTHORITY_LASTS)
                .addExtension(Extension.basicConstraints, true, new BasicConstraints(0))
                .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
        store(authorityStore(), AUTHORITY, keys, signed(certificate, keys.getPrivate()));
    }

    private void makeServer(Set<String> names) throws IOException, GeneralSecurityException {
        KeyStore authorityKeys = KeyStore.getInstance(authorityStore().toFile(), secret().toCharArray());
        X509Certificate authority = authority();
        KeyPair keys = keys();
        GeneralName[] all = names.stream().map(Certificates::generalName).toArray(GeneralName[]::new);
        X509v3CertificateBuilder certificate = builder(
                        new JcaX509CertificateHolder(authority).getSubject(),
                        new X500Name("CN=Gyrotaxis"),
                        keys,
                        CERTIFICATE_LASTS)
                .addExtension(
                        Extension.authorityKeyIdentifier,
                        false,
                        new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(authority))
                .addExtension(Extension.subjectAlternativeName, false, new GeneralNames(all))
                .addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth))
                .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
        PrivateKey signer = (PrivateKey) authorityKeys.getKey(AUTHORITY, secret().toCharArray());
        Files.writeString(folder.resolve("authority.pem"), pem(authority));
        store(serverStore(), SERVER, keys, signed(certificate, signer), authority);
    }

    private static KeyPair keys() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"));
        return generator.generateKeyPair();
    }

    /** A certificate from yesterday on, since the clocks of devices differ. */
    private X509v3CertificateBuilder builder(X500Name issuer, X500Name subject, KeyPair keys, Duration lasts)
            throws IOException, GeneralSecurityException {
        Instant from = clock.instant().minus(Duration.ofDays(1));
        return new JcaX509v3CertificateBuilder(
                        issuer,
                        new BigInteger(SERIAL_BITS, new SecureRandom()),
                        Date.from(from),
                        Date.from(from.plus(lasts)),
                        subject,
                        keys.getPublic())
                .addExtension(
                        Extension.subjectKeyIdentifier,
                        false,
                        new JcaX509ExtensionUtils().createSubjectKeyIdentifier(keys.getPublic()));
    }

    private static X509Certificate signed(X509v3CertificateBuilder certificate, PrivateKey signer)
            throws GeneralSecurityException {
        try {
            return new JcaX509CertificateConverter()
                    .getCertificate(certificate.build(new JcaContentSignerBuilder("SHA256withECDSA").build(signer)));
        } catch (OperatorCreationException e) {
            throw new GeneralSecurityException(e);
        }
    }

    /** Writes a key with the certificates that vouch for it; the old store stays until the new one is whole. */
    private void store(Path file, String alias, KeyPair keys, X509Certificate... chain)
            throws IOException, GeneralSecurityException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, null);
        store.setKeyEntry(alias, keys.getPrivate(), secret().toCharArray(), chain);
        Path half = file.resolveSibling(file.getFileName() + ".half");
        try (OutputStream out = Files.newOutputStream(half)) {
            store.store(out, secret().toCharArray());
        }
        ownOnly(half);
        Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
    }

    private static GeneralName generalName(String name) {
        boolean isAddress = name.contains(":") || name.matches("[0-9.]+");
        return new GeneralName(isAddress ? GeneralName.iPAddress : GeneralName.dNSName, name);
    }

    private static String pem(X509Certificate c) throws GeneralSecurityException {
        return "-----BEGIN CERTIFICATE-----\n"
                + Base64.getMimeEncoder(PEM_COLUMNS, new byte[] {'\n'}).encodeToString(c.getEncoded())
                + "\n-----END CERTIFICATE-----\n";
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
