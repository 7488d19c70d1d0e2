/**
 * Retaining rings for shafts (DIN 471) and bores (DIN 472), normal type, 8–100 mm: thickness of the ring, diameter of the groove,
 * least width of the groove. From memory. Checked against: tests/reference/rings_seals.json.
 */
export type RetainingRing = {
  nominalMm: number;
  ringThicknessMm: number;
  grooveDiameterMm: number;
  grooveWidthMinMm: number;
};

/** `thickness: nominal>groove …`, by thickness of the ring. */
const DIN_471: Record<string, string> = {
  '0.7': '6>5.7',
  '0.8': '7>6.7 8>7.6',
  '1': '9>8.6 10>9.6 11>10.5 12>11.5 13>12.4 14>13.4 15>14.3 16>15.2 17>16.2',
  '1.2': '18>17 19>18 20>19 21>20 22>21 23>22 24>22.9 25>23.9 26>24.9 27>25.6',
  '1.5': '28>26.6 29>27.6 30>28.6 31>29.3 32>30.3 33>31.3 34>32.3 35>33',
  '1.75': '36>34 37>35 38>36 39>37 40>37.5 42>39.5 44>41.5 45>42.5 46>43.5 47>44.5 48>45.5',
  '2': '50>47 52>49 54>51 55>52 56>53 57>54 58>55 60>57 62>59 63>60',
  '2.5': '65>62 67>64 68>65 70>67 72>69 75>72 78>75 80>76.5 82>78.5',
  '3': '85>81.5 88>84.5 90>86.5 95>91.5 100>96.5',
};
const DIN_472: Record<string, string> = {
  '0.8': '8>8.4 9>9.4',
  '1': '10>10.4 11>11.4 12>12.5 13>13.6 14>14.6 15>15.7 16>16.8 17>17.8 18>19 19>20 20>21 21>22 22>23',
  '1.2': '23>24.1 24>25.2 25>26.2 26>27.2 27>28.4 28>29.4 29>30.4 30>31.4 31>32.7 32>33.7 33>34.7',
  '1.5': '34>35.7 35>37 36>38 37>39 38>40 39>41',
  '1.75': '40>42.5 41>43.5 42>44.5 43>45.5 44>46.5 45>47.5 46>48.5 47>49.5 48>50.5',
  '2': '50>53 51>54 52>55 53>56 54>57 55>58 56>59 57>60 58>61 60>63 61>64 62>65 63>66 64>67',
  '2.5': '65>68 67>70 68>71 70>73 72>75 75>78 77>80 78>81 80>83.5 81>84.5 82>85.5',
  '3': '85>88.5 88>91.5 90>93.5 92>95.5 95>98.5 98>101.5 100>103.5',
};

/** The groove is wider than the ring by 0.1 mm, from 2 mm rings on by 0.15 mm. */
const grooveWidth = (thicknessMm: number) =>
  Math.round((thicknessMm + (thicknessMm < 2 ? 0.1 : 0.15)) * 1000) / 1000;

const readTable = (table: Record<string, string>): RetainingRing[] =>
  Object.entries(table)
    .flatMap(([thickness, row]) =>
      row.split(' ').map((pair) => {
        const [nominalMm, grooveDiameterMm] = pair.split('>').map(Number) as [number, number];
        return {
          nominalMm,
          ringThicknessMm: Number(thickness),
          grooveDiameterMm,
          grooveWidthMinMm: grooveWidth(Number(thickness)),
        };
      }),
    )
    .sort((a, b) => a.nominalMm - b.nominalMm);

export type RingStandard = 'DIN471' | 'DIN472';
export const RETAINING_RINGS: Record<RingStandard, readonly RetainingRing[]> = {
  DIN471: readTable(DIN_471),
  DIN472: readTable(DIN_472),
};

/** @returns null when the standard has no ring of this nominal size */
export const findRetainingRing = (standard: RingStandard, nominalMm: number) =>
  RETAINING_RINGS[standard].find((ring) => ring.nominalMm === nominalMm) ?? null;
