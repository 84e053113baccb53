/**
 * Roles and names ask for the styles of each element and of all it stands in; reckoned from the style
 * sheets that took three quarters of these tests' time. What a sheet hides, journeys see.
 */
window.getComputedStyle = ({ style }) => style;

// Written into the code by Expo's compiler.
process.env.EXPO_OS = 'web';
