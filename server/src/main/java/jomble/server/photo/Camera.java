package jomble.server.photo;

import java.util.List;

/** A camera at the rail: what it has taken, newest last, and the picture itself. */
interface Camera {
    /** The names of the pictures it holds. */
    List<String> pictures();

    /**
     * A picture as the camera stores it.
     *
     * @throws jomble.server.problem.ProblemException when it holds none of that name
     */
    byte[] picture(String name);
}
