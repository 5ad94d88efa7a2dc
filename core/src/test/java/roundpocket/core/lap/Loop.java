package roundpocket.core.lap;

/** A loop: what went through it at its top, what it hangs on at its foot. */
final class Loop {
    private final String yarn;
    private Object top;
    private Object foot;

    Loop(String yarn, Object foot) {
        this.yarn = yarn;
        this.foot = foot;
    }

    String yarn() {
        return yarn;
    }

    Object top() {
        return top;
    }

    Object foot() {
        return foot;
    }

    void top(Object through) {
        top = through;
    }

    void foot(Object under) {
        foot = under;
    }

    /** Whether it would run: nothing went through it, or it hangs on nothing. */
    boolean runs() {
        return top == null || foot == null;
    }
}
