package gyrotaxis.server.testing;

import gyrotaxis.server.Gyrotaxis;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.util.FileSystemUtils;

/**
 * Starts the real application once on a free port with an H2 folder of its own, filled with the demo studio, and hands
 * tests an {@link Api} to it.
 *
 * <p>Spring's own extension needs a newer JUnit than the product uses.
 */
public final class RunningServer implements ParameterResolver {

    /** The made-up studio without its past year: enough for most tests, and sooner there. */
    public static final String SMALL_STUDIO = "--gyrotaxis.demo-book=classpath:demo/small.zip";

    /** The made-up studio as the demo shows it. */
    public static final String WHOLE_STUDIO = "--gyrotaxis.demo-book=classpath:demo/studio.zip";

    /** A started application; stopped, with its folder removed, when the test run ends. */
    public record Started(ConfigurableApplicationContext context, Path folder) implements AutoCloseable {
        @Override
        public void close() throws IOException {
            context.close();
            FileSystemUtils.deleteRecursively(folder);
        }
    }

    /** An application with settings of its own, for tests that need one. */
    public static Started start(Path folder, String... settings) {
        List<String> args = new ArrayList<>(List.of("--server.port=0", "--gyrotaxis.data-dir=" + folder));
        if (!List.of(settings).contains(WHOLE_STUDIO)) {
            args.add(SMALL_STUDIO);
        }
        args.addAll(List.of(settings));
        SpringApplication app = new SpringApplicationBuilder(Gyrotaxis.class)
                .initializers(c -> ((GenericApplicationContext) c)
                        .registerBean("testClock", TestClock.class, TestClock::new, b -> b.setPrimary(true)))
                .build();
        return new Started(app.run(args.toArray(String[]::new)), folder);
    }

    public static String address(ConfigurableApplicationContext context) {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        return type == Api.class || type == TestClock.class || type == ConfigurableApplicationContext.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        ConfigurableApplicationContext context = test.getRoot()
                .getStore(Namespace.create(RunningServer.class))
                .getOrComputeIfAbsent("demo", key -> startDemo(), Started.class)
                .context();
        Class<?> type = parameter.getParameter().getType();
        return type == Api.class
                ? new Api(address(context))
                : type == TestClock.class ? context.getBean(TestClock.class) : context;
    }

    private static Started startDemo() {
        try {
            return start(Files.createTempDirectory("gyrotaxis-test"), "--gyrotaxis.demo=true");
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
