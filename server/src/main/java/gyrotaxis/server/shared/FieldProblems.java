package gyrotaxis.server.shared;

import java.util.List;
import java.util.stream.Collectors;

/** A request whose fields cannot be used; carries all of them at once. */
public final class FieldProblems extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<FieldProblem> problems;

    /** A refusal because of {@code problems}, at least one. */
    public FieldProblems(List<FieldProblem> problems) {
        super(problems.toString());
        this.problems = List.copyOf(problems);
    }

    /** All that is wrong, one sentence after the other. */
    public String words() {
        return problems.stream().map(FieldProblem::message).collect(Collectors.joining(" "));
    }

    /** The fields and what is wrong with each. */
    public List<FieldProblem> problems() {
        return problems;
    }
}
