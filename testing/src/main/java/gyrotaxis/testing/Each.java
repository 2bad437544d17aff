package gyrotaxis.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.assertj.core.api.ListAssert;

/**
 * Asserts something of every element of a collection that has some.
 *
 * <p>{@code allMatch} and {@code allSatisfy} hold for an empty collection too, so a test that asks them of a list that came out empty
 * cannot fail. {@code TestSourcesTest} finds those that neither begin here nor look at the size first.
 */
public final class Each {
    private Each() {}

    /** Starts assertions on the elements; fails if there are none. */
    public static <T> ListAssert<T> of(Iterable<? extends T> elements) {
        return of(StreamSupport.stream(elements.spliterator(), false));
    }

    /** Starts assertions on the elements; fails if there are none. */
    public static <T> ListAssert<T> of(Stream<? extends T> elements) {
        return assertThat(elements.<T>map(e -> e).toList())
                .as("what every element is asked of")
                .isNotEmpty();
    }
}
