package jomble.server.photo;

import java.util.List;

/** A camera at the rail: its pictures, newest last. */
interface Camera {
    /** Names of the stored pictures. */
    List<String> pictures();

    /**
     * A stored picture.
     *
     * @throws jomble.server.problem.ProblemException when there is none of that name
     */
    byte[] picture(String name);
}
