package jomble.drawing.garment;

import static java.util.Map.entry;

import java.util.Map;
import java.util.function.Consumer;
import jomble.core.piece.Family;
import jomble.core.piece.Opening;
import jomble.core.piece.Pockets;
import jomble.drawing.ink.Outline;
import jomble.drawing.ink.Weight;

/** What makes each kind of upper garment that kind: its pockets, seams and trimmings. */
final class UpperDetails {
    private static final Map<String, Consumer<UpperFront>> OF_KIND = Map.ofEntries(
            entry("polo-shirt", UpperDetails::poloShirt),
            entry("shirt", front -> front.details().patchPocket(18, front.chestY() + 2, 17, 19)),
            entry("overshirt", front -> front.details().flappedPatchPockets(19, front.chestY(), 19, 21)),
            entry(
                    "thermal-top",
                    front -> front.details()
                            .stitches(
                                    front.cut().shoulderX - 2,
                                    front.cut().shoulderY() + 2,
                                    front.cut().neckHalf + 10,
                                    front.cut().armpitY() + 4,
                                    front.cut().chest() - 3,
                                    front.cut().armpitY() + 12)),
            entry("camisole", front -> lace(front, front.cut().bustY() + 6)),
            entry("slip", front -> lace(front, front.cut().hemY - 6)),
            entry("tunic", UpperDetails::tunic),
            entry(
                    "crop-top",
                    front -> front.details()
                            .seams(
                                    -front.cut().half(front.cut().hemY - 5),
                                    front.cut().hemY - 5,
                                    0,
                                    front.cut().hemY - 3)),
            entry("fitted-blouse", UpperDetails::fittedBlouse),
            entry("blouse", UpperDetails::blouse),
            entry(
                    "cardigan",
                    front -> front.details()
                            .jettedPockets(22, Math.min(front.hip() - 24, front.cut().hemY - 24), 17, 0)),
            entry("waistcoat", UpperDetails::waistcoat),
            entry("hooded-top", UpperDetails::hoodedTop),
            entry("kimono-jacket", UpperDetails::edgeToEdgeFront),
            entry("duster", UpperDetails::edgeToEdgeFront),
            entry("padded-sleeveless-jacket", front -> quilting(front, 14)),
            entry("down-coat", front -> quilting(front, 17)),
            entry("blazer", UpperDetails::blazer),
            entry("suit-jacket", UpperDetails::suitJacket),
            entry("dinner-jacket", UpperDetails::dinnerJacket),
            entry("denim-jacket", UpperDetails::denimJacket),
            entry("leather-jacket", UpperDetails::bikerJacket),
            entry("knitted-jacket", UpperDetails::knittedJacket),
            entry("casual-jacket", UpperDetails::casualJacket),
            entry("trench-coat", UpperDetails::trenchCoat),
            entry("wool-coat", UpperDetails::woolCoat),
            entry("car-coat", front -> pockets(front, front.hip() - 6)),
            entry("parka", UpperDetails::parka),
            entry("raincoat", UpperDetails::raincoat),
            entry("poncho", UpperDetails::fringe));

    private UpperDetails() {}

    static void draw(UpperFront front) {
        OF_KIND.getOrDefault(front.piece().kind().origin().id(), plain -> {}).accept(front);
    }

    private static void poloShirt(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        front.sheet().part(Outline.rectangle(-3.6, cut.frontY(), 7.2, 30), front.fabric());
        details.buttons(0, cut.frontY() + 8, cut.frontY() + 24, 3, 1.3);
    }

    private static void tunic(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.stitch(0, cut.frontY(), 0, cut.frontY() + 18);
        details.stitches(
                cut.half(cut.hemY) - 1,
                cut.hemY - 26,
                cut.half(cut.hemY) - 5,
                cut.hemY - 26,
                cut.half(cut.hemY) - 5,
                cut.hemY);
    }

    private static void fittedBlouse(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.seams(22, cut.armpitY() - 6, 15, cut.form.armpit() + 18, 13, cut.hemY);
        details.buttons(0, cut.frontY() + 6, cut.hemY - 6, 5, 1.1);
        details.seam(1.5, cut.frontY(), 1.5, cut.hemY);
    }

    private static void blouse(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        if (cut.hasShoulders() && cut.neckHalf < 20) {
            details.seams(26, cut.form.shoulder(26), 22, cut.form.shoulder(26) + 15);
        }
    }

    private static void waistcoat(UpperFront front) {
        Details details = front.details();
        details.jettedPockets(20, front.waist() + 4, 15, -2.5);
        details.jettedPockets(19, front.chestY() + 14, 12, -2);
    }

    private static void hoodedTop(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.drawstring(4.5, cut.frontY() + 4, cut.frontY() + 34);
        details.seams(0, front.waist() + 14, 19, front.waist() + 14, 28, front.waist() + 36, 28, cut.hemY - 9);
    }

    private static void edgeToEdgeFront(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        if (!cut.isOpen()) {
            details.seams(5, cut.frontY(), 5, cut.hemY);
        }
    }

    private static void blazer(UpperFront front) {
        Details details = front.details();
        details.breastWelt(20, front.chestY() + 4);
        pockets(front, front.waist() + 22);
        darts(front);
    }

    private static void suitJacket(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.breastWelt(20, front.chestY() + 4);
        pockets(front, front.waist() + 22);
        darts(front);
        details.seam(2.5, cut.hemY - 26, 6, cut.hemY - 8, 15, cut.hemY + 2);
    }

    private static void dinnerJacket(UpperFront front) {
        Details details = front.details();
        details.breastWelt(20, front.chestY() + 4);
        pockets(front, front.waist() + 24);
    }

    private static void denimJacket(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.stitches(0, front.chestY() + 2, cut.chest() - 1, front.chestY() - 1);
        details.flappedPatchPockets(17, front.chestY() + 4, 17, 17);
        details.seams(10, front.chestY() + 22, 8, cut.hemY - 9);
        details.seams(25, front.chestY() + 22, 19, cut.hemY - 9);
        details.seams(0, cut.hemY - 9, cut.half(cut.hemY - 9), cut.hemY - 10);
    }

    private static void knittedJacket(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.patchPockets(21, front.waist() + 12, 19, 19);
        details.patchPockets(20, front.chestY() + 4, 15, 14);
        details.seams(3.5, cut.frontY(), 3.5, cut.hemY);
    }

    private static void casualJacket(UpperFront front) {
        Details details = front.details();
        details.flappedPatchPockets(19, front.chestY() + 3, 17, 18);
        details.patchPockets(22, front.waist() + 10, 22, 22);
    }

    private static void woolCoat(UpperFront front) {
        Details details = front.details();
        pockets(front, front.hip() - 4);
        details.breastWelt(22, front.chestY() + 6);
    }

    private static void parka(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.patchPockets(27, front.hip() - 10, 24, 26);
        details.flapPockets(27, front.hip() - 12, 26);
        details.stitches(0, front.waist() + 4, cut.half(front.waist()) - 1, front.waist() + 2);
        details.drawstring(3.5, front.waist() + 3, front.waist() + 24);
    }

    private static void raincoat(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.seam(5, cut.frontY() + 4, 5, cut.hemY + 2);
        details.buttons(2.4, cut.frontY() + 16, cut.hemY - 14, 5, 1.3);
        details.flapPockets(27, front.hip() - 12, 22);
        details.seams(0, front.chestY() + 8, cut.chest() - 1, front.chestY() + 6);
    }

    private static void pockets(UpperFront front, double y) {
        UpperCut cut = front.cut();
        Details details = front.details();
        Pockets pockets = front.piece().construction().pockets() == null
                ? Pockets.NONE
                : front.piece().construction().pockets();
        double x = cut.half(y) * 0.54;
        switch (pockets) {
            case PATCH -> details.patchPockets(x, y - 2, 23, 25);
            case FLAP -> details.flapPockets(x, y, 20);
            case JETTED -> details.jettedPockets(x, y, 20, front.piece().kind().family() == Family.COAT ? 9 : 1);
            case NONE -> {}
        }
    }

    private static void darts(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        details.seams(
                cut.half(front.waist()) * 0.52, front.waist() - 28, cut.half(front.waist()) * 0.5, front.waist() + 18);
    }

    private static void bikerJacket(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        double y = cut.neckY();
        if (!cut.isOpen()) {
            details.zip(13, y + 12, -13, cut.hemY - 6);
            front.sheet()
                    .part(
                            Outline.polygon(2, cut.frontY() + 2, 12, y - 1, 29, y + 22, 20, y + 40, 11, y + 34),
                            front.fabric());
            front.sheet()
                    .shape(
                            Outline.polygon(-3, cut.frontY() + 2, -12, y - 1, -25, y + 21, -17, y + 36, -8, y + 30),
                            front.fabric());
        }
        details.zip(24, front.waist() + 6, 15, front.waist() + 20);
        details.zip(-24, front.waist() + 6, -15, front.waist() + 20);
        details.seams(0, cut.hemY - 8, cut.half(cut.hemY - 8), cut.hemY - 9);
        details.stitches(cut.chest() - 1, cut.form.armpit() + 2, 8, cut.form.armpit() + 6);
    }

    private static void trenchCoat(UpperFront front) {
        UpperCut cut = front.cut();
        Details details = front.details();
        double s = cut.shoulderX;
        front.sheet()
                .pair(
                        Outline.polygon(
                                s - 2,
                                cut.shoulderY() - 1,
                                s - 1,
                                cut.shoulderY() + 4,
                                s - 19,
                                cut.shoulderY() + 0.5,
                                s - 18,
                                cut.shoulderY() - 5),
                        front.fabric());
        if (!cut.isOpen()) {
            front.sheet()
                    .shape(
                            Outline.at(-14, cut.neckY() + 34)
                                    .curve(-20, cut.neckY() + 44, -cut.chest() + 2, cut.neckY() + 54)
                                    .to(-cut.chest() + 1, cut.armpitY() - 2)
                                    .curve(-34, cut.neckY() + 22, -s + 5, cut.shoulderY() + 5)
                                    .to(-20, cut.neckY() + 12)
                                    .close(),
                            front.fabric());
            details.belt(cut.half(front.waist()) + 1, front.waist() - 4, 8, true);
        }
        pockets(front, front.hip() - 4);
    }

    /** Rows of filled channels. */
    private static void quilting(UpperFront front, double row) {
        UpperCut cut = front.cut();
        for (double y = cut.neckY() + 18; y < cut.hemY - 5; y += row) {
            double half = y < cut.armpitY() ? cut.shoulderX - 4 : cut.half(y);
            double from = cut.isOpen() ? 16 : 2;
            front.sheet()
                    .lines(
                            Outline.at(from, y + 2).curve(half * 0.5, y + 4.5, half - 0.6, y),
                            front.fabric().line(),
                            Weight.SEAM);
        }
        if (front.piece().opening() == Opening.ZIP && !cut.isOpen()) {
            front.details().jettedPockets(cut.half(front.hip()) * 0.6, front.waist() + 14, 14, 8);
        }
    }

    private static void lace(UpperFront front, double y) {
        UpperCut cut = front.cut();
        double half = cut.half(Math.max(y, cut.armpitY())) - 3;
        Outline scallops = Outline.at(-half, y);
        int count = 8;
        for (int i = 1; i <= count; i++) {
            double x = -half + 2 * half * i / count;
            scallops.curve(x - half / count, y + 6, x, y);
        }
        front.sheet().line(scallops, front.fabric().line(), Weight.SEAM);
    }

    private static void fringe(UpperFront front) {
        UpperCut cut = front.cut();
        double half = cut.half(cut.hemY);
        for (int i = -8; i <= 8; i++) {
            double x = half * i / 8.2;
            front.sheet()
                    .line(
                            Outline.at(x, cut.hemY + 3 - Math.abs(i) * 0.3).to(x, cut.hemY + 11 - Math.abs(i) * 0.3),
                            front.fabric().outline(),
                            Weight.SEAM);
        }
    }
}
